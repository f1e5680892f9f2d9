<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Bench\Queries\ComesApart;
use App\Bench\RunContext;
use App\Builds\Actions\GiveProcedure;
use App\Builds\Queries\JointsOf;
use App\Builds\RunFolds;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\RunHistory;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Surroundings;

/** A joint that was worked in this build comes apart again, with what rests on it. Its run stays on record; the joint is given out anew. */
final readonly class OpenAgain
{
    public function __construct(private Recorder $recorder, private RunFolds $folds)
    {
    }

    public function __invoke(string $subjectId, string $jointId, string $reason, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $jointId, $reason, $by): void {
            $engine = self::engineOf(Subject::query()->find($subjectId) ?? throw Refused::notFound(Subject::missing()));
            $engine = GiveProcedure::openBuild($this->recorder, $engine->id);
            $parts = ComesApart::with($engine, [JointsOf::ofAll($engine, $jointId)->id]);
            if (! $parts->isAnythingOf($jointId)) {
                throw self::nothing($engine, $jointId);
            }
            $this->apart($parts, $reason, $by);
        });
    }

    public static function nothing(Subject $engine, string $joint): Refused
    {
        $name = Joint::query()->findOrFail($joint)->name;

        return new Refused(ProblemType::NotDone, sprintf('Nothing of %s of %s was done in this build yet; there is nothing to open.', lcfirst($name), $engine->title()), 409, ['field' => 'joint', 'value' => $name]);
    }

    /** Of a subassembly that was fitted, the engine that it is in: what rests on it there comes apart with it. */
    public static function engineOf(Subject $subject): Subject
    {
        return Fitted::around([$subject->id])[$subject->id] ?? $subject;
    }

    /** Within a transaction that holds the engine: all of it comes apart, and what was finished is taken up again. */
    public function apart(ComesApart $parts, string $reason, Person $by): void
    {
        self::noneIsTypedIn($parts->runs);
        foreach ($parts->runs as $run) {
            $this->open($run, $reason, $by);
        }
        foreach ($parts->besides() as [$subject, $type, $data, $joint]) {
            $this->recorder->append(new Draft(Ids::next(), $type, 'subject/'.$subject, $by->id, $data, new Concerns($subject, joint: $joint)));
        }
        foreach ($parts->finished() as $subassembly) {
            $this->recorder->lock('subject/'.$subassembly->id);
            $this->recorder->append(new Draft(Ids::next(), 'build_reopened', 'subject/'.$subassembly->id, $by->id, ['reason' => $reason], new Concerns($subassembly->id)));
        }
    }

    /**
     * What its paper says and is not typed in yet would have nowhere to go.
     *
     * @param  list<Run>  $runs
     */
    private static function noneIsTypedIn(array $runs): void
    {
        $card = Card::query()->whereIn('run', array_column($runs, 'id'))->where('state', CardState::Typing)->first();
        if ($card !== null) {
            throw new Refused(ProblemType::NotDone, "Card $card->number is being typed in at the bench. It is put down there first; then the joint is opened again.", 409, ['field' => 'card', 'value' => $card->number]);
        }
    }

    private function open(Run $run, string $reason, Person $by): void
    {
        $seq = $this->recorder->lock(RunHistory::stream($run->id));
        $context = RunContext::get($run->id);
        $event = ['type' => 'joint_opened', 'v' => 1, 'id' => Ids::next(), 'person' => $by->id, 'taken_at' => now()->utc()->format('Y-m-d\TH:i:s.u\Z'), 'reason' => $reason];
        $this->folds->keep($run->id, $context->fold);
        $outcome = $context->fold->decide(EventTypes::read($event), new Surroundings($seq));
        if (! $outcome->isApplied()) {
            throw new Refused(ProblemType::RunClosed, $outcome->reason?->sentence() ?? 'It cannot be opened now.', 409);
        }
        $this->recorder->append(Draft::ofEvent($event, new Decision($outcome->toBody()), RunHistory::stream($run->id), $context->concerns()));
    }
}
