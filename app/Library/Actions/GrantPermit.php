<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Joint;
use App\Library\Models\Permit;
use App\Library\Models\Procedure;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Document\Stage;

/** Deviation permits: asked for by one person, approved or refused by another; they end by themselves. */
final readonly class GrantPermit
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{stage: string|null, departure: string, reason: string, customer_reference: string, quantity: int|null, serials: string, valid_from: string, valid_until: string|null}  $fields */
    public function ask(string $procedure, array $fields, Person $by, ?DeskCommand $command = null): string
    {
        $this->limited($fields);

        return $this->recorder->transaction(function () use ($procedure, $fields, $by, $command): string {
            $this->recorder->lock('register/permits');
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->streamId();
            }
            $this->roundIsThere(Procedures::find($procedure), $fields['stage']);
            $id = Ids::next();
            $code = self::nextCode();
            $draft = new Draft($command->id ?? Ids::next(), 'permit_asked', 'permit/'.$id, $by->id, array_filter(['code' => $code, 'procedure' => $procedure] + $fields, fn (mixed $v): bool => $v !== null));
            $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

            return $id;
        });
    }

    /** For one engine to leave the shop with a joint that is not recorded. */
    public function askUnrecorded(Subject $build, Joint $joint, string $reason, string $customerReference, Person $by): void
    {
        $this->recorder->transaction(function () use ($build, $joint, $reason, $customerReference, $by): void {
            $this->recorder->lock('register/permits');
            if (isset(Permits::ofUnrecorded([$build->id])[$build->id][$joint->id])) {
                throw Refused::field('joint', sprintf('A permit for %s of %s has been asked for already.', lcfirst($joint->name), $build->title()), $joint->id);
            }
            $this->recorder->append(new Draft(Ids::next(), 'permit_asked', 'permit/'.Ids::next(), $by->id, [
                'code' => self::nextCode(), 'departure' => 'It leaves the shop with this joint not recorded', 'reason' => $reason, 'customer_reference' => $customerReference, 'serials' => $build->serial,
                'valid_from' => Shop::here()->clock(now()->toImmutable())->format('Y-m-d'),
            ], new Concerns($build->id, joint: $joint->id)));
        });
    }

    private static function nextCode(): string
    {
        return sprintf('DP-%03d', Permit::query()->count() + 1);
    }

    public function approve(string $id, Person $by, string $signature): void
    {
        $this->decide($id, $by, ['asked'], 'permit_approved', ['signature' => $signature, 'meaning' => 'departure permitted within its limits']);
    }

    /** @param  string  $state  refused or withdrawn */
    public function close(string $id, Person $by, string $state, string $reason): void
    {
        $this->decide($id, $by, $state === 'refused' ? ['asked'] : ['asked', 'approved'], 'permit_closed', ['state' => $state, 'reason' => $reason], $state === 'withdrawn');
    }

    /**
     * @param  list<string>  $from
     * @param  array<string, string>  $data
     */
    private function decide(string $id, Person $by, array $from, string $type, array $data, bool $ownToo = false): void
    {
        $this->recorder->transaction(function () use ($id, $by, $from, $type, $data, $ownToo): void {
            $this->recorder->lock('permit/'.$id);
            $permit = Permit::query()->find($id) ?? throw Refused::notFound('There is no such permit.');
            if (! $ownToo && $permit->asked_by === $by->id) {
                throw Refused::forbidden('Nobody decides on what they asked for. Ask another approver.');
            }
            if (! in_array($permit->state, $from, true)) {
                throw Refused::field('permit', sprintf('%s is %s.', $permit->code, $permit->state));
            }
            $this->recorder->append(new Draft(Ids::next(), $type, 'permit/'.$id, $by->id, data: $data));
        });
    }

    private function roundIsThere(Procedure $procedure, ?string $round): void
    {
        $last = $round === null ? null : Procedures::last($procedure->id);
        $rounds = $last === null ? [] : array_map(fn (Stage $s): string => $s->key(), Procedures::revision($last->revision)->stages());
        if ($round !== null && ! in_array($round, $rounds, true)) {
            throw Refused::field('stage', sprintf('%s has no round "%s". Its rounds: %s.', $procedure->title(), $round, $rounds === [] ? 'none yet' : implode(', ', $rounds)), $round);
        }
    }

    /** @param  array{quantity: int|null, serials: string, valid_from: string, valid_until: string|null, ...}  $fields */
    private function limited(array $fields): void
    {
        if ($fields['valid_until'] === null && $fields['quantity'] === null && trim($fields['serials']) === '') {
            throw Refused::field('valid_until', 'A permit is limited: say until when, for which serials, or for how many engines.');
        }
        if ($fields['valid_until'] !== null && $fields['valid_until'] < $fields['valid_from']) {
            throw Refused::field('valid_until', sprintf('It would end on %s, before it begins on %s.', $fields['valid_until'], $fields['valid_from']), $fields['valid_until']);
        }
    }
}
