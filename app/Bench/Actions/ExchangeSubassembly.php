<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Queries\Exchange;
use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\OpenBuild;
use App\Builds\Actions\OpenSubassembly;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/**
 * A head or a short block goes into an engine, comes off it, or is exchanged for another one. What holds it comes apart
 * with what rests on it. What was the engine's own gets a number as it comes off, and its runs go with it.
 */
final readonly class ExchangeSubassembly
{
    /** In signs. */
    public const LONGEST_WHY = 200;

    public function __construct(private Recorder $recorder, private OpenAgain $open, private OpenSubassembly $number)
    {
    }

    /**
     * @param  string  $kind  as its family calls it: "Head"
     * @param  string  $fit  the subassembly that goes in; empty: none
     * @param  string  $serial  the number that the engine's own gets as it comes off; empty where it is not its own, or none comes off
     * @param  string  $why  that one comes off
     */
    public function __invoke(string $engineId, string $kind, string $fit, string $serial, string $why, Person $by): void
    {
        $this->recorder->transaction(function () use ($engineId, $kind, $fit, $serial, $why, $by): void {
            $this->recorder->lock(OpenBuild::REGISTER);
            $engine = GiveProcedure::openBuild($this->recorder, $engineId);
            $exchange = Exchange::of($engine, $kind);
            if ($fit === '' && ! $exchange->hasOne()) {
                throw Refused::field('fit', sprintf('Nothing of %s is recorded as %s: nothing can come off. Choose what goes in.', $engine->title(), lcfirst($kind)));
            }
            if ($exchange->hasOne()) {
                $this->off($exchange, $serial, $why, $by);
            }
            $fit === '' || $this->in($exchange, $fit, $by);
        });
    }

    private function off(Exchange $exchange, string $serial, string $why, Person $by): void
    {
        if ($why === '') {
            throw Refused::field('why', sprintf('Say why it comes off; %s is on record.', $exchange->fitted?->title() ?? 'what was tightened there'));
        }
        $exchange->workedToTheEnd();
        $data = ['kind' => $exchange->kind, 'why' => $why];
        if ($exchange->fitted !== null) {
            $data += ['subassembly' => $exchange->fitted->id];
        } else {
            $data += ['own' => true, 'joints' => $exchange->goesWithIt()];
            $data += ['subassembly' => $this->number->open(Family::query()->findOrFail($exchange->engine->family), $exchange->kind, $serial, $exchange->engine->customer, $by)];
        }
        $this->open->apart($exchange->comesApart(), $why, $by);
        $this->append('subassembly_taken_off', $exchange->engine, $data, $by);
    }

    private function in(Exchange $exchange, string $fit, Person $by): void
    {
        $this->recorder->lock('subject/'.$fit);
        $subassembly = Subject::query()->find($fit);
        if ($subassembly === null || $subassembly->subassembly !== $exchange->kind || $subassembly->family !== $exchange->engine->family) {
            throw Refused::field('fit', sprintf('That is no %s for this engine.', lcfirst($exchange->kind)), $fit);
        }
        $in = Fitted::around([$fit])[$fit] ?? null;
        $why = match (true) {
            $in !== null => 'is in '.$in->title(),
            $subassembly->state === BuildState::Shipped => 'has left the house',
            $subassembly->state !== BuildState::Finished => 'is not finished; every joint that it carries is recorded first',
            ! in_array($subassembly->customer, ['', $exchange->engine->customer], true) => sprintf('is %s’s', $subassembly->ownedBy()),
            default => null,
        };
        if ($why !== null) {
            throw new Refused(ProblemType::NotDone, sprintf('%s %s.', $subassembly->title(), $why), 409, ['field' => 'fit', 'value' => $subassembly->serial]);
        }
        $tight = $exchange->holding();
        if ($tight !== null) {
            throw new Refused(ProblemType::RunBegun, sprintf('%s of %s was begun without it. It is opened again first.', $tight->name, $exchange->engine->title()), 409, ['field' => 'fit', 'value' => $tight->name]);
        }
        $this->append('subassembly_fitted', $exchange->engine, ['kind' => $exchange->kind, 'subassembly' => $subassembly->id], $by);
    }

    /** @param  array<string, mixed>  $data */
    private function append(string $type, Subject $engine, array $data, Person $by): void
    {
        $this->recorder->append(new Draft(Ids::next(), $type, 'subject/'.$engine->id, $by->id, $data, new Concerns($engine->id)));
    }
}
