<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Builds\Models\FittedHardware;
use App\Builds\Queries\JointsOf;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Schedule\HardwareOffer;

/** Says which hardware an engine gets at a joint. It is asked and never guessed: another kit is another torque. */
final readonly class ChooseHardware
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $subjectId, string $jointId, string $procedureId, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $jointId, $procedureId, $by): void {
            $subject = DescribeBuild::here($this->recorder, $subjectId);
            $joint = JointsOf::one($subject, $jointId);
            $procedure = self::option($subject, $joint, $procedureId);
            if (self::chosen($subject->id, $joint->id)?->procedure === $procedure->id) {
                return;
            }
            if (Assignment::isHeld($subject->id, $joint->id)) {
                throw new Refused(ProblemType::RunBegun, sprintf('%s of %s was given out with its hardware. Take the job back first; work that was begun stays with what was fitted.', $joint->name, $subject->title()), 409, ['field' => 'procedure', 'value' => $procedureId]);
            }
            $this->recorder->append(new Draft(Ids::next(), 'hardware_chosen', 'subject/'.$subject->id, $by->id, ['procedure' => $procedure->id], new Concerns($subject->id, joint: $joint->id, option: $procedure->option)));
        });
    }

    public static function chosen(string $subject, string $joint): ?FittedHardware
    {
        return FittedHardware::query()->where('subject', $subject)->where('joint', $joint)->first();
    }

    /** @throws Refused when it was written for engines of another variant */
    public static function fits(Subject $subject, Joint $joint, ?string $procedure, HardwareOffer $offer): void
    {
        $other = $procedure === null ? null : $offer->isForAnother($procedure);
        if ($other !== null) {
            throw Refused::field('procedure', sprintf('%s with %s is for %s, and %s is %s. If that is wrong, set the engine’s variant right first.', $joint->name, Procedure::query()->findOrFail($procedure)->option, $other, $subject->title(), $subject->variant), $procedure);
        }
    }

    private static function option(Subject $subject, Joint $joint, string $procedureId): Procedure
    {
        $procedure = Procedure::query()->where('joint', $joint->id)->find($procedureId) ?? throw Refused::field('procedure', sprintf('%s has no such hardware option.', $joint->name), $procedureId);
        $inForce = Procedures::allInForce($joint->id, now()->toImmutable());
        self::fits($subject, $joint, $procedure->id, Procedures::offer($inForce, $subject->variant));

        return $inForce->contains(fn (RevisionStatus $s): bool => $s->procedure === $procedure->id) ? $procedure : throw Refused::field('procedure', sprintf('%s with %s has no approved procedure. Have one approved first.', $joint->name, $procedure->option), $procedureId);
    }
}
