<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\Builds\Actions\GiveProcedure;
use App\Builds\IntakeLine;
use App\Builds\Models\Assignment;
use App\Builds\Models\PaperJoint;
use App\Builds\Models\ReturnedJoint;
use App\Builds\RunFolds;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
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
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId);
            $runs = self::runs($subject, $jointId);
            self::noneIsTypedIn($runs);
            foreach ($runs as $run) {
                $this->open($run, $reason, $by);
            }
            $this->besides($subject, $jointId, $by);
        });
    }

    /**
     * Its run, and those of what rests on it.
     *
     * @return non-empty-list<Run> in the order of assembly, itself first
     *
     * @throws Refused when nothing of it was done here
     */
    public static function runs(Subject $subject, string $jointId): array
    {
        $joint = Joint::query()->where('family', $subject->family)->find($jointId) ?? throw Refused::field('joint', 'This engine has no such joint.', $jointId);
        $with = self::restingOn($subject, $joint->id);
        $jobs = Assignment::query()->where('subject', $subject->id)->whereNull('taken_back_at')->whereIn('joint', $with)->pluck('id');
        $runs = array_values(Run::query()->whereIn('assignment', $jobs)->get()->sortBy(fn (Run $r): int => (int) array_search($r->joint, $with, true))->all());
        if ($runs === [] || $runs[0]->joint !== $joint->id) {
            throw new Refused(ProblemType::NotDone, sprintf('Nothing of %s of %s was done in this build yet; there is nothing to open.', lcfirst($joint->name), $subject->title()), 409, ['field' => 'joint', 'value' => $joint->name]);
        }

        return $runs;
    }

    /**
     * What its paper says and is not typed in yet would have nowhere to go.
     *
     * @param  non-empty-list<Run>  $runs
     */
    private static function noneIsTypedIn(array $runs): void
    {
        $card = Card::query()->whereIn('run', array_column($runs, 'id'))->where('state', CardState::Typing)->first();
        if ($card !== null) {
            throw new Refused(ProblemType::NotDone, "Card $card->number is being typed in at the bench. It is put down there first; then the joint is opened again.", 409, ['field' => 'card', 'value' => $card->number]);
        }
    }

    /** What rests on it and was on paper, or had stayed as an earlier build left it, has come apart, too. */
    private function besides(Subject $subject, string $jointId, Person $by): void
    {
        $with = self::restingOn($subject, $jointId);
        foreach (PaperJoint::query()->where('subject', $subject->id)->whereIn('joint', $with)->pluck('joint') as $joint) {
            $this->recorder->append(new Draft(Ids::next(), 'paper_joint_taken_back', 'subject/'.$subject->id, $by->id, [], new Concerns($subject->id, joint: $joint)));
        }
        $stayed = ReturnedJoint::query()->where('subject', $subject->id)->whereIn('joint', $with)->where('opened', false)->get();
        $of = $stayed->first()?->of;
        if ($of !== null) {
            $this->recorder->append(new Draft(Ids::next(), 'intake_entered', 'subject/'.$subject->id, $by->id, [
                'of' => $of, 'joints' => array_values($stayed->map(fn (ReturnedJoint $j): array => (new IntakeLine($j->joint, true))->toData())->all()),
            ], new Concerns($subject->id)));
        }
    }

    /** @return list<string> it, and what rests on it */
    public static function restingOn(Subject $subject, string $joint): array
    {
        return Family::query()->findOrFail($subject->family)->resting()->openedWith([$joint]);
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
