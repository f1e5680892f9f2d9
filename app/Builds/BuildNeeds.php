<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Models\RunProgress;
use App\Builds\Queries\LeftRun;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionFaces;
use App\People\Ability;
use App\People\Shop;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LogicException;
use stdClass;
use Tekkal\Core\Run\RunPhase;
use Tekkal\Core\Schedule\HardwareOffer;

/** What stands still on the engines that are open, and which of them nothing holds any more. A fixed number of questions, however many stand there. */
final readonly class BuildNeeds implements NeedsMe
{
    private const MOST_DONE = 12;

    private const MOST_NAMED = 4;

    public function needs(): array
    {
        if (Gate::denies(Ability::GiveWork->value)) {
            return [];
        }

        return [...$this->runs(), ...$this->hardware(), ...self::late(), ...$this->done()];
    }

    /** @return list<Need> */
    private function runs(): array
    {
        $runs = DB::table('run_progress')->join('runs', 'runs.id', '=', 'run_progress.run')->join('subjects', 'subjects.id', '=', 'runs.subject')->join('joints', 'joints.id', '=', 'runs.joint')
            ->leftJoin('people', 'people.id', '=', 'runs.person')->leftJoin('devices', 'devices.id', '=', 'runs.device')->leftJoin('customers', 'customers.id', '=', 'subjects.customer')
            ->join('ledger_entries as last', fn ($join) => $join->on('last.stream', '=', DB::raw("CONCAT('run/', run_progress.run)"))->on('last.seq', '=', 'run_progress.seq'))
            ->where('subjects.state', BuildState::Open->value)->whereNull('runs.finished_at')->whereNull('runs.opened_at')->where(fn (Builder $q) => $q->where('run_progress.stopped', true)->orWhere('run_progress.phase', RunPhase::Parked->value))
            ->orderBy('last.received_at')
            ->get(['runs.revision', 'runs.subject', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly', 'joints.name as joint', 'people.name as person', 'devices.name as device', 'customers.name as customer', 'last.received_at', 'run_progress.*']);
        $faces = $runs->isEmpty() ? [] : RevisionFaces::of($runs->pluck('revision')->all());
        $left = LeftRun::told(array_values($runs->where('phase', RunPhase::Parked->value)->pluck('run')->map(strval(...))->all()));

        return array_values($runs->map(fn (stdClass $run): Need => self::run($run, $faces[$run->revision]['sketch'] ?? null, $left[$run->run] ?? null))->all());
    }

    /**
     * @param  array<string, mixed>|null  $map
     * @param  array{person_name: string|null, at: string, says: string}|null  $left  when it was left as it stands
     */
    private static function run(stdClass $run, ?array $map, ?array $left): Need
    {
        $what = sprintf('%s, %s', Subject::titled($run->serial, (int) $run->build_number, $run->subassembly), lcfirst($run->joint));
        $joint = $map === null ? null : ['map' => $map, 'marks' => RunProgress::shown($run)['marks']];
        $link = '/builds/'.$run->subject;
        if ($left !== null) {
            return new Need(Urgency::StandsStill, "$what: left at the bench", sprintf('“%s” – %s at %s, %s.', $left['says'], $left['person_name'] ?? 'somebody', $run->device, self::since($left['at'])), 'See what it needs', $link, $joint);
        }

        return new Need(Urgency::StandsStill, "$what: stopped", sprintf('%s %s, %s at %s, %s.', $run->why, $run->customer, $run->person ?? 'somebody', $run->device, self::since((string) $run->received_at)), 'Look at it', $link, $joint);
    }

    private static function since(string $at): string
    {
        $local = Shop::here()->clock(CarbonImmutable::parse($at, 'UTC'));

        return 'since '.($local->isSameDay(Shop::here()->clock(now()->toImmutable())) ? $local->format('H:i') : $local->format('j F, H:i'));
    }

    /** @return list<Need> joints that can be fitted with several kits, of engines of which nobody has said with which */
    private function hardware(): array
    {
        $options = [];
        foreach (Procedures::inForceAt(self::withSeveral(), now()->toImmutable()) as $one) {
            $options[$one->joint][$one->option] = $one->variant;
        }
        $several = array_filter($options, fn (array $of): bool => (new HardwareOffer($of, null))->proposed() === null);
        if ($several === []) {
            return [];
        }
        $of = fn (Builder $q, string $table): Builder => $q->from($table)->whereColumn("$table.subject", 'subjects.id')->whereColumn("$table.joint", 'joints.id');
        $open = DB::table('joints')->join('families', 'families.id', '=', 'joints.family')->join('subjects', 'subjects.family', '=', 'joints.family')
            ->whereIn('joints.id', array_keys($several))->where('subjects.state', BuildState::Open->value)->where(self::itsOwn(...))
            ->whereNotExists(fn (Builder $q) => $of($q, 'fitted_hardware'))->whereNotExists(fn (Builder $q) => $of($q, 'paper_joints'))->whereNotExists(fn (Builder $q) => $of($q, 'returned_joints')->where('returned_joints.opened', false))
            ->orderBy('subjects.opened_at')->get(['joints.id as joint', 'joints.name', 'families.name as family', 'subjects.id', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly', 'subjects.variant'])
            ->filter(fn (stdClass $e): bool => (new HardwareOffer($several[$e->joint], $e->variant === '' ? null : $e->variant))->proposed() === null);

        return array_values($open->groupBy('joint')->map(fn (Collection $of, string $joint): Need => self::unchosen($of, array_map(strval(...), array_keys($several[$joint]))))->all());
    }

    /** Joints that are worked at a subject itself: of a subassembly those that it carries, of an engine those that no fitted one carries. */
    private static function itsOwn(Builder $joints): void
    {
        $joints->where(fn (Builder $q) => $q->where('subjects.subassembly', '')->orWhereColumn('joints.carried_in', 'subjects.subassembly'))
            ->where(fn (Builder $q) => $q->where('joints.carried_in', '')->orWhereNotExists(fn (Builder $r) => self::fitted($r)));
    }

    private static function fitted(Builder $query): Builder
    {
        return $query->from('fittings')->whereColumn('fittings.engine', 'subjects.id')->whereColumn('fittings.kind', 'joints.carried_in')->whereNull('fittings.removed_at');
    }

    /** Joints that more than one procedure was ever written for, or one for a variant. */
    private static function withSeveral(): Builder
    {
        return DB::table('procedures')->select('joint')->groupBy('joint')->havingRaw('COUNT(*) > 1 OR MAX(variant) IS NOT NULL');
    }

    /**
     * @param  Collection<int, stdClass>  $engines
     * @param  list<string>  $options
     */
    private static function unchosen(Collection $engines, array $options): Need
    {
        $first = $engines->first() ?? throw new LogicException('A joint of no engine.');
        $titles = $engines->map(fn (stdClass $e): string => Subject::titled($e->serial, (int) $e->build_number, $e->subassembly));
        $others = $engines->count() - self::MOST_NAMED;

        return new Need(
            Urgency::Next, sprintf('%s %s: hardware not chosen on %s', $first->family, lcfirst($first->name), $engines->count() === 1 ? 'one engine' : $engines->count().' engines'),
            sprintf('%s Nothing is given out there before somebody says. %s%s.', self::asked($options), $titles->take(self::MOST_NAMED)->implode(', '), $others > 0 ? " and $others more" : ''),
            'Choose it', '/builds/'.$first->id,
        );
    }

    /** @return list<Need> engines that should have left by now */
    private static function late(): array
    {
        $today = Shop::here()->clock(now()->toImmutable())->format('Y-m-d');
        $late = self::owned()->whereIn('state', [BuildState::Received, BuildState::Open, BuildState::Finished])->where('due_on', '<', $today)->orderBy('due_on')->limit(self::MOST_DONE)->get();

        return array_values($late->map(fn (Subject $s): Need => new Need(
            Urgency::Next, sprintf('%s is late: it was due on %s', $s->title(), $s->due_on?->format('j F')), sprintf('%s; it is %s%s.', self::owner($s), $s->state->words(), $s->waits_for === '' ? '' : ", and waits: $s->waits_for"), $s->state === BuildState::Finished ? 'Ship it' : 'See what it needs', '/builds/'.$s->id,
        ))->all());
    }

    /** @return list<Need> engines of which every joint is done */
    private function done(): array
    {
        $ready = $this->ready();
        if ($ready->isEmpty()) {
            return [];
        }
        $drawn = self::drawn($ready->pluck('id')->all());

        return array_values($ready->map(fn (Subject $s): Need => new Need(
            Urgency::CanWait, $s->title().' can be finished', sprintf('Nothing holds it any more: every joint of it is done. %s.', self::owner($s)), 'Finish it', '/builds/'.$s->id,
            $drawn[$s->id] ?? null,
        ))->all());
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Subject> each with the name of whose it is */
    private static function owned(): \Illuminate\Database\Eloquent\Builder
    {
        return Subject::query()->select('subjects.*')->addSelect(['owned_by' => DB::table('customers')->select('name')->whereColumn('customers.id', 'subjects.customer')]);
    }

    private static function owner(Subject $subject): string
    {
        return (string) ($subject->getAttribute('owned_by') ?? 'the shop’s own');
    }

    /** @return Collection<int, Subject> the oldest of them, asked of the rows: most engines that stand there are not among them */
    private function ready(): Collection
    {
        $ready = self::owned()->where('state', BuildState::Open->value);
        $of = fn (Builder $q, string $table): Builder => $q->from($table)->whereColumn("$table.subject", 'subjects.id')->whereColumn("$table.joint", 'joints.id');
        $ready->getQuery()
            // Each way by an index of its own: a key that may be the one or the other is found by none.
            ->where(fn (Builder $w) => $w->whereExists(fn (Builder $q) => $q->from('runs')->whereColumn('runs.subject', 'subjects.id')->whereNotNull('runs.finished_at')->whereNull('runs.opened_at')->whereNull('runs.went_with'))
                ->orWhereExists(fn (Builder $q) => $q->from('runs')->whereColumn('runs.went_with', 'subjects.id')->whereNull('runs.opened_at'))
                ->orWhereExists(fn (Builder $q) => $q->from('fittings')->whereColumn('fittings.engine', 'subjects.id')->whereNull('fittings.removed_at')))
            ->whereNotExists(fn (Builder $q) => $q->from('joints')->whereColumn('joints.family', 'subjects.family')->where(fn (Builder $r) => $r->where('subjects.subassembly', '')->orWhereColumn('joints.carried_in', 'subjects.subassembly'))
                // Of one that was fitted, whatever it carries is done as long as it is finished itself.
                ->whereNotExists(fn (Builder $r) => self::fitted($r)->join('subjects as inside', 'inside.id', '=', 'fittings.subassembly')->where('inside.state', BuildState::Finished->value))
                ->whereNotExists(fn (Builder $r) => $of($r, 'runs')->whereNotNull('runs.finished_at')->whereNull('runs.opened_at')->whereNull('runs.went_with'))
                ->whereNotExists(fn (Builder $r) => $r->from('runs')->whereColumn('runs.went_with', 'subjects.id')->whereColumn('runs.joint', 'joints.id')->whereNull('runs.opened_at'))
                ->whereNotExists(fn (Builder $r) => $of($r, 'paper_joints'))
                ->whereNotExists(fn (Builder $r) => $of($r, 'returned_joints')->where('returned_joints.opened', false))
                ->whereNotExists(fn (Builder $r) => $of($r, 'permits')->where('permits.state', 'approved')))
            ->orderBy('opened_at')->limit(self::MOST_DONE);

        return $ready->get()->toBase();
    }

    /**
     * The joint of each that was finished first, as it stands.
     *
     * @param  array<array-key, mixed>  $subjects
     * @return array<string, array<string, mixed>>
     */
    private static function drawn(array $subjects): array
    {
        $runs = DB::table('runs')->join('run_progress', 'run_progress.run', '=', 'runs.id')->whereIn('runs.subject', $subjects)->whereNotNull('runs.finished_at')->whereNull('runs.opened_at')
            ->orderBy('runs.finished_at')->get(['runs.subject', 'runs.revision', 'run_progress.marks'])->unique('subject');
        $faces = RevisionFaces::of($runs->pluck('revision')->all());

        return $runs->mapWithKeys(fn (stdClass $run): array => [$run->subject => ['map' => $faces[$run->revision]['sketch'], 'marks' => json_decode($run->marks, true, flags: JSON_THROW_ON_ERROR)]])->all();
    }

    /** @param  list<string>  $options */
    private static function asked(array $options): string
    {
        $last = (string) array_pop($options);

        return $options === [] ? sprintf('%s is written for a variant: which are they?', ucfirst($last)) : sprintf('%s or %s?', ucfirst(implode(', ', $options)), $last);
    }
}
