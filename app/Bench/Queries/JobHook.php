<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Models\Card;
use App\Builds\Models\Assignment;
use App\Builds\Models\RunProgress;
use App\Library\Models\Joint;
use App\Library\Queries\RevisionFaces;
use App\People\Http\BenchSession;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Stop;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LogicException;
use stdClass;

/**
 * The job cards on an assembler's hook, and the runs others have open that they could take over.
 *
 * @phpstan-import-type Face from RevisionFaces
 */
final class JobHook
{
    /** @var Collection<array-key, Joint> */
    private Collection $joints;

    /** @var Collection<array-key, Person> */
    private Collection $people;

    /** @var Collection<array-key, string> names by id */
    private Collection $devices;

    /** @var Collection<string, stdClass> rows of run_progress by run */
    private Collection $progress;

    /** @var Collection<array-key, Card> cards that are on paper, by assignment */
    private Collection $paper;

    /** @var array<string, Face> by revision */
    private array $faces;

    /** @return array{mine: list<array<string, mixed>>, others: list<array<string, mixed>>, stops: list<array<string, mixed>>} */
    public function of(Person $person): array
    {
        $open = Subject::query()->where('state', BuildState::Open->value)->get()->keyBy('id');
        $jobs = Assignment::query()->where('taken_back_at', null);
        $jobs->getQuery()->whereIn('subject', $open->modelKeys())->orderBy('given_at');
        $runs = Run::query();
        $runs->getQuery()->whereIn('subject', $open->modelKeys());
        $runs = $runs->get()->keyBy('assignment');
        $jobs = $jobs->get();
        $this->joints = Joint::query()->with('inFamily')->whereKey($jobs->pluck('joint')->unique()->all())->get()->keyBy('id');
        $this->people = Person::query()->whereKey($runs->pluck('person')->unique()->all())->get()->keyBy('id');
        $this->devices = Device::query()->whereKey($runs->pluck('device')->unique()->all())->pluck('name', 'id');
        $this->progress = RunProgress::ofAll($runs->pluck('id'));
        $this->paper = Card::outFor($jobs->modelKeys());
        $this->faces = RevisionFaces::of($jobs->pluck('revision')->all());
        $mine = $others = [];
        foreach ($jobs as $job) {
            $run = $runs->get($job->id);
            $subject = $open->get($job->subject);
            if ($run?->finished_at !== null || $subject === null) {
                continue;
            }
            if (($run->person ?? $job->person) === $person->id) {
                $mine[] = $this->card($job, $run, $subject);
            } elseif ($run !== null) {
                $others[] = $this->card($job, $run, $subject);
            }
        }

        return ['mine' => $mine, 'others' => $others, 'stops' => self::unheard()];
    }

    /** @return list<array{id: string, title: string, says: string, why: string}> what is stopped, and this bench has not said that it knows */
    private static function unheard(): array
    {
        $stops = StopsInForce::here()->all();
        $seen = $stops->isEmpty() ? [] : DB::table('stop_seen')->where('device', BenchSession::device(request())?->id)->pluck('stop')->all();

        return array_values($stops->reject(fn (Stop $s): bool => in_array($s->id, $seen, true))->map(fn (Stop $s): array => ['id' => $s->id, 'title' => $s->title, 'says' => $s->says(), 'why' => $s->reason])->all());
    }

    /** @return array<string, mixed> */
    private function card(Assignment $job, ?Run $run, Subject $subject): array
    {
        $face = $this->faces[$job->revision] ?? throw new LogicException('A job without its revision.');
        $joint = $this->joints->get($job->joint) ?? throw new LogicException('A job without its joint.');
        $card = [
            'assignment' => $job->id,
            'build' => $subject->id,
            'serial' => $subject->title(),
            'family' => $joint->inFamily->name,
            'joint' => $joint->name,
            'hardware' => $job->option,
            'line' => $face['line'],
            'sketch' => $face['sketch'],
            'steps' => $face['steps'],
            'paper' => $this->paper->get($job->id)?->number,
            'stop' => StopsInForce::here()->told(StopWhat::Revision, $run->revision ?? $job->revision),
            'run' => null,
        ];
        if ($run !== null) {
            $card['run'] = [
                'id' => $run->id,
                'person' => $this->people->get($run->person)?->displayName(),
                'device' => $this->devices->get($run->device),
            ] + RunProgress::shown($this->progress->get($run->id) ?? throw new LogicException('A run without its progress.'));
        }

        return $card;
    }
}
