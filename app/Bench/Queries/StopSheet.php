<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Models\Card;
use App\Builds\Models\Assignment;
use App\Ledger\DeviceSequence;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Contracts\StoppedThing;
use App\Record\Models\Stop;
use App\Record\Models\Subject;
use App\Record\Queries\Whereabouts;
use App\Record\Stoppables;
use App\Record\StopWhat;
use App\Shared\Models\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\RunPhase;

/** What a stop reaches, or would: the runs that are under way, what hangs on hooks, the engines that were made with it; and which benches know of it. */
final readonly class StopSheet
{
    /** So many engines are shown; the rest stand in the table. */
    private const SHOWN = 300;

    private const AFTER = [FindingKind::AfterStop, FindingKind::StoppedLot];

    public function __construct(private Stoppables $things)
    {
    }

    /** @return array<string, mixed> */
    public function of(Stop $stop): array
    {
        return self::told($stop) + ['benches' => self::benches($stop)] + $this->reach($stop->what, $this->things->named($stop->what, $stop->key), $stop);
    }

    /** @return array<string, mixed> what it would reach, before anybody has stopped it */
    public function before(StopWhat $what, string $key): array
    {
        $thing = $this->things->named($what, $key);
        $stop = Stop::query()->where('what', $what->value)->where('key', $thing->key)->whereNull('lifted_at')->first();

        return ['what' => $what->value, 'key' => $thing->key, 'title' => $thing->title, 'stopped' => $stop?->number] + $this->reach($what, $thing, null);
    }

    /** @return array<string, mixed> */
    public static function told(Stop $stop): array
    {
        $names = Person::query()->findMany(array_filter([$stop->stopped_by, $stop->lift_asked_by, $stop->lifted_by]))->mapWithKeys(fn (Person $p): array => [$p->id => $p->displayName()])->all();

        return [
            'number' => $stop->number, 'what' => $stop->what->value, 'key' => $stop->key, 'title' => $stop->title, 'reason' => $stop->reason, 'by' => $names[$stop->stopped_by] ?? '', 'at' => $stop->stopped_at->toIso8601ZuluString(),
            'asked' => $stop->lift_asked_by === null ? null : ['by' => $names[$stop->lift_asked_by] ?? '', 'person' => $stop->lift_asked_by, 'at' => $stop->lift_asked_at?->toIso8601ZuluString(), 'reason' => (string) $stop->lift_reason],
            'kept_why' => $stop->kept_why, 'lifted' => $stop->lifted_by === null ? null : ['by' => $names[$stop->lifted_by] ?? '', 'at' => $stop->lifted_at?->toIso8601ZuluString()],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $stops
     * @return array<string, int> how many benches have not said that they know, by stop
     */
    public static function unheard(array $stops): array
    {
        $benches = $stops === [] ? 0 : Device::query()->whereNull('revoked_at')->count();
        $heard = $stops === [] ? collect() : DB::table('stop_seen')->join('devices', 'devices.id', '=', 'stop_seen.device')->whereNull('revoked_at')->whereIn('stop', $stops)->groupBy('stop')->selectRaw('stop, COUNT(*) AS n')->pluck('n', 'stop');

        return array_map(fn (mixed $stop): int => $benches - (int) $heard->get($stop, 0), array_combine($stops, $stops));
    }

    /** @return list<array<string, mixed>> of every engine, the newest first */
    public function engines(StopWhat $what, string $key, ?int $most = null): array
    {
        $rows = $this->joints($what, $key)->selectRaw('subjects.id, serial, build_number, subassembly, families.name AS family, customers.name AS customer, subjects.state, finished_at, shipped_at, opened_at, GROUP_CONCAT(joints.name ORDER BY assembly_order SEPARATOR ", ") AS joints')
            ->orderByRaw("FIELD(subjects.state, 'open', 'received', 'finished', 'shipped'), COALESCE(shipped_at, finished_at, opened_at) DESC")
            ->groupBy('subjects.id', 'serial', 'build_number', 'subassembly', 'families.name', 'customers.name', 'subjects.state', 'finished_at', 'shipped_at', 'opened_at')->when($most !== null, fn (Builder $q) => $q->limit((int) $most))->get();

        return array_values($rows->map(fn (stdClass $r): array => [
            'id' => $r->id, 'title' => Subject::titled($r->serial, (int) $r->build_number, $r->subassembly), 'family' => $r->family, 'customer' => $r->customer, 'state' => $r->state, 'joints' => $r->joints,
            'at' => Row::zulu($r->shipped_at ?? $r->finished_at ?? $r->opened_at),
        ])->all());
    }

    /** @return array<string, mixed> */
    private function reach(StopWhat $what, StoppedThing $thing, ?Stop $stop): array
    {
        $states = $this->joints($what, $thing->key)->groupBy('subjects.state')->selectRaw('subjects.state, COUNT(DISTINCT subjects.id) AS n')->pluck('n', 'state');

        return [
            'link' => $thing->link, 'since' => $thing->since, 'runs' => $this->runs($what, $thing->key, $stop), 'jobs' => $what === StopWhat::Revision ? self::jobs($thing->key) : [],
            'counts' => array_map(fn (BuildState $s): array => ['state' => $s->value, 'engines' => (int) $states->get($s->value, 0)], BuildState::cases()),
            'engines' => $this->engines($what, $thing->key, self::SHOWN),
        ];
    }

    private function joints(StopWhat $what, string $key): Builder
    {
        return DB::table('subjects')->join('families', 'families.id', '=', 'subjects.family')->leftJoin('customers', 'customers.id', '=', 'subjects.customer')
            ->joinSub(Whereabouts::ofRuns()->whereIn('runs.id', $this->things->runs($what, $key))->distinct(), 'made', 'made.subject', '=', 'subjects.id')->join('joints', 'joints.id', '=', 'made.joint');
    }

    /** @return list<array<string, mixed>> not finished: where each stands, and what was pulled there after the stop */
    private function runs(StopWhat $what, string $key, ?Stop $stop): array
    {
        $rows = DB::table('runs')->join('subjects', 'subjects.id', '=', 'runs.subject')->join('joints', 'joints.id', '=', 'runs.joint')->leftJoin('run_progress', 'run_progress.run', '=', 'runs.id')
            ->leftJoin('people', 'people.id', '=', 'runs.person')->leftJoin('devices', 'devices.id', '=', 'runs.device')
            ->whereIn('runs.id', $this->things->runs($what, $key))->whereNull('runs.finished_at')->whereNull('runs.opened_at')->where('subjects.state', BuildState::Open->value)->orderBy('runs.begun_at')
            ->get(['runs.id', 'runs.device', 'subjects.id AS build', 'serial', 'build_number', 'subassembly', 'joints.name AS joint', 'people.name AS person', 'devices.name AS bench', 'done', 'all_steps', 'phase']);
        $after = $stop === null ? collect() : DB::table('findings')->whereIn('run', $rows->pluck('id'))->whereIn('kind', array_column(self::AFTER, 'value'))->where('raised_at', '>=', $stop->stopped_at->format('Y-m-d H:i:s.u'))->groupBy('run')->selectRaw('run, COUNT(*) AS n')->pluck('n', 'run');
        $seen = $stop === null ? [] : DB::table('stop_seen')->where('stop', $stop->id)->pluck('device')->all();

        return array_values($rows->map(fn (stdClass $r): array => [
            'run' => $r->id, 'build' => $r->build, 'title' => Subject::titled($r->serial, (int) $r->build_number, $r->subassembly), 'joint' => $r->joint, 'person' => $r->person, 'bench' => $r->bench,
            'done' => (int) $r->done, 'all' => (int) $r->all_steps, 'halted' => $stop !== null && ($r->phase === RunPhase::Parked->value || in_array($r->device, $seen, true)), 'after' => (int) $after->get($r->id, 0),
        ])->all());
    }

    /** @return list<array{build: string, title: string, person: string|null, card: string|null}> given out and not begun, with the card that is on paper */
    private static function jobs(string $revision): array
    {
        $given = Assignment::query()->where('revision', $revision)->whereNull('taken_back_at')->whereNull('begun_at')
            ->whereIn('subject', Subject::query()->where('state', BuildState::Open->value)->select('id'))->orderBy('given_at')->get();
        $subjects = Subject::query()->whereKey($given->pluck('subject')->all())->get()->keyBy('id');
        $people = Person::query()->whereKey($given->pluck('person')->all())->get()->keyBy('id');
        $cards = Card::outFor($given->modelKeys());

        return array_values($given->map(fn (Assignment $a): array => [
            'build' => $a->subject, 'title' => (string) $subjects->get($a->subject)?->title(), 'person' => $people->get($a->person)?->displayName(), 'card' => $cards->get($a->id)?->number,
        ])->all());
    }

    /** @return list<array{name: string, seen_by: string|null, seen_at: string|null, heard_at: string|null}> those that have not said that they know come first */
    private static function benches(Stop $stop): array
    {
        $seen = DB::table('stop_seen')->leftJoin('people', 'people.id', '=', 'stop_seen.person')->where('stop', $stop->id)->get(['device', 'people.name', 'at'])->keyBy('device');
        $benches = Device::query()->whereNull('revoked_at')->orderBy('name')->get()->map(fn (Device $d): array => [
            'name' => $d->name, 'seen_by' => $seen->get($d->id)?->name, 'seen_at' => Row::zulu($seen->get($d->id)?->at), 'heard_at' => DeviceSequence::lastHeard($d->id)?->toIso8601ZuluString(),
        ]);

        return array_values($benches->sortBy(fn (array $b): int => $b['seen_at'] === null ? 0 : 1)->all());
    }
}
