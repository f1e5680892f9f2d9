<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Models\ToldJoint;
use App\Builds\Queries\JointsOf;
use App\Builds\Queries\Learnt;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\Procedures;
use App\People\Ability;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\StopsInForce;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Gives a joint of a build to a person. The revision in force is pinned now, with its plan. */
final readonly class GiveProcedure
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string|null  $procedure where the joint has several hardware options: the one that is fitted
     */
    public function __invoke(string $subjectId, string $jointId, string $personId, Person $lead, ?DeskCommand $command = null, ?string $procedure = null): string
    {
        $person = Person::query()->find($personId);
        if ($person === null || ! $person->may(Ability::WorkAtBench)) {
            throw Refused::field('person', 'Choose somebody who works at a bench.', $personId);
        }

        return $this->recorder->transaction(function () use ($subjectId, $jointId, $person, $lead, $command, $procedure): string {
            $this->recorder->lock('subject/'.$subjectId);
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->text('data.assignment');
            }
            $subject = self::openBuild($this->recorder, $subjectId);
            $joint = JointsOf::one($subject, $jointId);
            if (ReturnedJoint::query()->where('subject', $subject->id)->where('joint', $joint->id)->where('opened', false)->exists()) {
                throw Refused::field('joint', sprintf('%s of %s was not opened in this build. Say first that it was.', $joint->name, $subject->title()), $jointId);
            }
            if (EnterPaperJoint::entered($subject->id, $joint->id)->exists()) {
                throw Refused::field('joint', sprintf('%s of %s was done before Tekkal, on paper. Take that back first, if it is to be tightened here.', $joint->name, $subject->title()), $jointId);
            }
            if (ToldJoint::query()->where('subject', $subject->id)->where('joint', $joint->id)->exists()) {
                throw Refused::field('joint', sprintf('%s of %s was told as tightened without a procedure. Take that back first, if it is to be tightened here.', $joint->name, $subject->title()), $jointId);
            }
            if (Assignment::isHeld($subject->id, $joint->id)) {
                throw Refused::field('joint', sprintf('%s of %s is already in somebody\'s hands.', $joint->name, $subject->title()), $jointId);
            }

            return $this->give($subject, $joint, $person, $lead, $command, $procedure);
        });
    }

    /**
     * Locks the build's stream, so that nothing is given out while it is being closed.
     *
     * @param  bool  $waitingToo  may it be one that stands on no stand yet?
     */
    public static function openBuild(Recorder $recorder, string $subjectId, bool $waitingToo = false): Subject
    {
        $recorder->lock('subject/'.$subjectId);
        $subject = Subject::query()->find($subjectId) ?? throw Refused::notFound('There is no such build.');
        self::notGone($subject);

        return match (true) {
            $subject->state === BuildState::Open, $waitingToo && $subject->state === BuildState::Received => $subject,
            $subject->state === BuildState::Received => throw new Refused(ProblemType::BuildClosed, sprintf('%s has come in and stands on no stand yet. Put it on a stand first.', $subject->title()), 409),
            default => throw new Refused(ProblemType::BuildClosed, sprintf('%s is %s; nothing more can be done to it.', $subject->title(), $subject->state->value), 409),
        };
    }

    /** @throws Refused when it is a head or a short block in an engine that has left the house, or is finished */
    public static function notGone(Subject $subject): void
    {
        $around = $subject->isSubassembly() ? Fitted::around([$subject->id])[$subject->id] ?? null : null;
        if ($around !== null && $around->state !== BuildState::Open) {
            throw new Refused(ProblemType::BuildClosed, sprintf('%s is in %s, which is %s; nothing more can be done to it.', $subject->title(), $around->title(), $around->state->value), 409);
        }
    }

    private function give(Subject $subject, Joint $joint, Person $person, Person $lead, ?DeskCommand $command, ?string $procedure): string
    {
        $inForce = $this->fitted($subject, $joint, $procedure);
        StopsInForce::here()->refuse($inForce->revision);
        Learnt::underSupervisor($person, $subject->id, (string) $inForce->plan_hash);
        $assignment = Ids::next();
        $draft = new Draft(
            $command->id ?? Ids::next(), 'procedure_given', 'subject/'.$subject->id, $lead->id,
            ['assignment' => $assignment, 'revision' => $inForce->revision, 'person' => $person->id],
            new Concerns($subject->id, revisionHash: StoredRevision::query()->findOrFail($inForce->revision)->document_hash, planHash: $inForce->plan_hash, joint: $joint->id, option: Procedure::query()->findOrFail($inForce->procedure)->option),
        );
        $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

        return $assignment;
    }

    /** The revision in force for the hardware that this engine has there. */
    private function fitted(Subject $subject, Joint $joint, ?string $procedure): RevisionStatus
    {
        $chosen = ChooseHardware::chosen($subject->id, $joint->id);
        if ($chosen !== null && $procedure !== null && $chosen->procedure !== $procedure) {
            throw Refused::field('procedure', sprintf('%s of %s gets %s, as was chosen on %s. Choose otherwise first.', $joint->name, $subject->title(), $chosen->option, Shop::here()->clock($chosen->at)->format('j F')), $procedure);
        }
        $all = Procedures::allInForce($joint->id, now()->toImmutable());
        $offer = Procedures::offer($all, $subject->variant);
        $wanted = $chosen->procedure ?? $procedure ?? $offer->proposed();
        if ($wanted === null && $all->isNotEmpty()) {
            throw Refused::field('procedure', self::undecided($joint, $all->count()));
        }
        ChooseHardware::fits($subject, $joint, $wanted, $offer);
        $options = $all->filter(fn (RevisionStatus $s): bool => $s->procedure === $wanted);

        return $options->first() ?? throw Refused::field('joint', sprintf('%s%s has no approved procedure. Have one approved first.', $joint->name, $chosen === null ? '' : " with $chosen->option"), $joint->id);
    }

    private static function undecided(Joint $joint, int $options): string
    {
        return $options === 1
            ? sprintf('The only approved hardware option of %s is for a variant. Say which variant this engine is, or that it gets it.', lcfirst($joint->name))
            : sprintf('%s has %d hardware options. Say which is fitted.', $joint->name, $options);
    }
}
