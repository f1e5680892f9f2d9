<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Opening;
use App\Builds\Queries\FamilyOfSerial;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Variant;
use App\People\Models\Person;
use App\Record\BuildFacts;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Says what is known of an engine beside its fasteners, and that its number was stamped anew. */
final readonly class DescribeBuild
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $subjectId, BuildFacts $facts, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $facts, $by): void {
            $subject = self::here($this->recorder, $subjectId);
            self::check($facts, Family::query()->findOrFail($subject->family));
            $this->recorder->append(new Draft(Ids::next(), 'build_described', 'subject/'.$subject->id, $by->id, array_filter(['facts' => $facts->toData()]), new Concerns($subject->id)));
        });
    }

    public function restamp(string $subjectId, string $serial, string $why, Person $by): void
    {
        $serial = Opening::written($serial);
        $this->recorder->transaction(function () use ($subjectId, $serial, $why, $by): void {
            $this->recorder->lock(OpenBuild::REGISTER);
            $subject = self::here($this->recorder, $subjectId);
            if ($serial === $subject->serial) {
                throw Refused::field('serial', "$serial is the number that it bears already.", $serial);
            }
            // A head has a number of the shop's, by no rule of its family.
            $subject->isSubassembly() || FamilyOfSerial::of($serial, Family::query()->findOrFail($subject->family)->code);
            $other = Lineage::builds([$serial])->first(fn (Subject $s): bool => ! Lineage::builds([$subject->serial])->contains('id', $s->id));
            if ($other !== null) {
                throw Refused::field('serial', sprintf('%s is another engine’s number: %s, %s.', $serial, $other->title(), $other->state->words()), $serial);
            }
            $this->recorder->append(new Draft(Ids::next(), 'serial_restamped', 'subject/'.$subject->id, $by->id, array_filter(['serial' => $serial, 'was' => $subject->serial, 'why' => $why], fn (string $v): bool => $v !== ''), new Concerns($subject->id)));
        });
    }

    /** Locks its stream. What has left the house stands as it left. */
    public static function here(Recorder $recorder, string $subjectId): Subject
    {
        $recorder->lock('subject/'.$subjectId);
        $subject = Subject::query()->find($subjectId) ?? throw Refused::notFound(Subject::missing());

        return $subject->state->isHere() ? $subject : throw new Refused(ProblemType::BuildClosed, sprintf('%s was shipped; what is known of it stands as it left.', $subject->title()), 409);
    }

    public static function check(BuildFacts $facts, Family $family): void
    {
        $variant = $facts->text('variant');
        if ($variant !== '' && ! Variant::query()->where('family', $family->id)->where('name', $variant)->exists()) {
            $known = Variant::query()->where('family', $family->id)->pluck('name')->implode(', ');
            throw Refused::field('variant', sprintf('%s has no variant "%s". %s', $family->name, $variant, $known === '' ? 'It has none yet; the library adds one.' : "It has: $known."), $variant);
        }
        [$received, $due] = [$facts->day('received_on'), $facts->day('due_on')];
        if ($received !== null && $due !== null && $due < $received) {
            throw Refused::field('due_on', sprintf('It would be due on %s, before it came in on %s.', $due, $received), $due);
        }
        foreach ($facts->machining as $i => $one) {
            if ($one['joint'] !== null && ! Joint::query()->where('family', $family->id)->whereKey($one['joint'])->exists()) {
                throw Refused::field("machining.$i.joint", sprintf('%s has no such joint.', $family->name), $one['joint']);
            }
        }
    }
}
