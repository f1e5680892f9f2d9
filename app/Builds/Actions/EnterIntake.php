<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\IntakeLine;
use App\Builds\Models\Assignment;
use App\Builds\Queries\JointsOf;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Collection;

/** Of an engine that came back, before anything is loosened: what is opened, in which condition it was, and what stays as the build before left it. */
final readonly class EnterIntake
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  list<IntakeLine>  $lines  one for each joint of the engine */
    public function __invoke(string $subjectId, array $lines, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $lines, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            $before = Lineage::before($subject) ?? throw new Refused(ProblemType::BadValue, sprintf('%s is the first build of this engine: there is no record that a joint could be left to.', $subject->title()), 409);
            $joints = JointsOf::all($subject)->keyBy('id')->toBase();
            self::eachOnce($subject, $lines, $joints);
            self::whatRestsOnIt($subject, $lines, $joints);
            foreach ($lines as $line) {
                $this->notWorked($subject, $line, $joints);
            }
            $this->recorder->append(new Draft(Ids::next(), 'intake_entered', 'subject/'.$subject->id, $by->id, [
                'of' => $before->id, 'joints' => array_map(fn (IntakeLine $l): array => $l->toData(), $lines),
            ], new Concerns($subject->id)));
        });
    }

    /**
     * @param  list<IntakeLine>  $lines
     * @param  Collection<array-key, Joint>  $joints
     */
    private static function eachOnce(Subject $subject, array $lines, Collection $joints): void
    {
        $told = array_map(fn (IntakeLine $l): string => $l->joint, $lines);
        $elsewhere = JointsOf::elsewhere($subject);
        foreach ($told as $joint) {
            if (! $joints->has($joint)) {
                throw Refused::field('joints', isset($elsewhere[$joint]) ? sprintf('What the %s carries is said of that, on its own page.', lcfirst($elsewhere[$joint])) : 'This engine has no such joint.', $joint);
            }
        }
        $missing = array_values(array_diff($joints->keys()->all(), $told));
        if ($missing !== [] || count($told) !== $joints->count()) {
            throw Refused::field('joints', sprintf('Say of each joint once whether it was opened; %s.', $missing === [] ? 'one stands there twice' : "of {$joints->get($missing[0])?->name} nothing is said"));
        }
    }

    /**
     * @param  list<IntakeLine>  $lines
     * @param  Collection<array-key, Joint>  $joints
     */
    private static function whatRestsOnIt(Subject $subject, array $lines, Collection $joints): void
    {
        $opened = array_values(array_map(fn (IntakeLine $l): string => $l->joint, array_filter($lines, fn (IntakeLine $l): bool => $l->opened)));
        $more = array_values(array_diff(Family::query()->findOrFail($subject->family)->resting()->openedWith($opened, JointsOf::elsewhere($subject)), $opened));
        if ($more !== []) {
            $name = fn (string $joint): string => (string) $joints->get($joint)?->name;
            throw Refused::field('joints', sprintf('%s cannot have stayed: it rests on what was opened.', implode(', ', array_map($name, $more))), $more[0]);
        }
    }

    /** @param  Collection<array-key, Joint>  $joints */
    private function notWorked(Subject $subject, IntakeLine $line, Collection $joints): void
    {
        $given = Assignment::query()->where('subject', $subject->id)->where('joint', $line->joint)->where('taken_back_at', null)->exists();
        if (! $line->opened && $given) {
            throw new Refused(ProblemType::RunBegun, sprintf('%s of %s was given out in this build: it did not stay as it was.', $joints->get($line->joint)?->name, $subject->title()), 409);
        }
    }
}
