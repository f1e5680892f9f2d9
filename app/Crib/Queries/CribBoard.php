<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use App\People\Models\Person;
use Illuminate\Support\Collection;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\SendingOrder;
use Tekkal\Core\Tool\Tool;

/** Every tool as it stands today, and what the crib needs a hand for. */
final readonly class CribBoard
{
    /** How far ahead one looks when tools are sent away together. */
    private const AHEAD_DAYS = 31;

    /** So many are named in a sentence; the others are counted. */
    private const NAMED = 4;

    /** @var Collection<int, ToolStanding> by number */
    public Collection $standings;

    public Day $today;

    public function __construct()
    {
        $this->today = ToolBook::day(now()->toImmutable());
        $rows = ToolRow::query()->with('calibrations:entry_id,tool,calibrated_on,due_on,conforms,found,certificate,read_in')->get();
        $names = self::names($rows->pluck('held_by')->filter()->unique()->all());
        $pulls = Pulls::ofAll($rows);
        $this->standings = $rows->sortBy('code', SORT_NATURAL)->values()->map(fn (ToolRow $t): ToolStanding => new ToolStanding($t, $this->today, $names, $pulls[$t->id]))->toBase();
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return array<string, string> names by id
     */
    public static function names(array $ids): array
    {
        return Person::query()->whereKey(array_values($ids))->get()->mapWithKeys(fn (Person $p): array => [$p->id => $p->displayName()])->all();
    }

    /** "Of 60 tools 42 hang here, 12 are with somebody, 3 are away and 3 are chained." */
    public function sentence(): string
    {
        $in = fn (ToolState $state): int => $this->standings->filter(fn (ToolStanding $s): bool => $s->tool->state === $state)->count();
        $all = $this->standings->count() - $in(ToolState::Retired);
        $parts = array_filter([
            self::counted($in(ToolState::Here), 'hangs here', 'hang here'), self::counted($in(ToolState::Out), 'is with somebody', 'are with somebody'),
            self::counted($in(ToolState::Away), 'is away', 'are away'), self::counted($in(ToolState::Chained), 'is chained', 'are chained'),
        ]);
        $last = array_pop($parts);

        return sprintf('Of %d %s %s.', $all, $all === 1 ? 'tool' : 'tools', $parts === [] ? $last : implode(', ', $parts).' and '.$last);
    }

    /** @return list<array{says: string, tools: list<string>, way: string}> most urgent first */
    public function needs(): array
    {
        $by = [];
        foreach ($this->standings as $standing) {
            if ($standing->isStillOut()) {
                $by['out'][] = [$standing, 'ask'];
            } elseif ($standing->needsHand()) {
                [$group, $way] = $standing->tool->state === ToolState::Chained ? ['chained '.$standing->tool->code, 'calibrate'] : [$standing->due, 'send'];
                $by[$group][] = [$standing, $way];
            }
        }
        $order = fn (string $group): int => (int) array_search(strtok($group, ' '), ['chained', 'failed', 'overdue', 'out', 'never', 'soon'], true);
        uksort($by, fn (string $a, string $b): int => $order($a) <=> $order($b) ?: strnatcmp($a, $b));

        return array_map(fn (array $some): array => ['says' => self::together(array_column($some, 0)), 'tools' => array_map(fn (array $one): string => $one[0]->tool->code, $some), 'way' => $some[0][1]], array_values($by));
    }

    /** Which of those that are due may go away together. */
    public function sending(): SendingOrder
    {
        $due = $this->standings->filter(fn (ToolStanding $s): bool => $s->dueOn !== null && in_array($s->tool->state, [ToolState::Here, ToolState::Chained], true) && $this->today->daysTo(Day::of($s->dueOn)) <= self::AHEAD_DAYS)->sortBy('dueOn');

        return new SendingOrder(
            self::tools($due),
            self::tools($this->standings->filter(fn (ToolStanding $s): bool => in_array($s->tool->state, [ToolState::Here, ToolState::Out], true) && in_array($s->due, ['good', 'soon'], true))),
            self::tools($this->standings->filter(fn (ToolStanding $s): bool => $s->tool->state === ToolState::Away)),
        );
    }

    /**
     * @param  Collection<int, ToolStanding>  $standings
     * @return list<Tool>
     */
    private static function tools(Collection $standings): array
    {
        return array_values($standings->map(fn (ToolStanding $s): ?Tool => ToolBook::tool($s->tool))->filter()->all());
    }

    /** @param  list<ToolStanding>  $some */
    private static function together(array $some): string
    {
        if (count($some) === 1) {
            $one = $some[0];

            return $one->tool->code.' '.match (true) {
                $one->isStillOut() => 'is still '.$one->says(),
                $one->tool->state === ToolState::Chained => preg_replace('/^it /', '', $one->says()),
                $one->due === 'overdue', $one->due === 'soon' => ($one->dueWords() === '' || str_starts_with($one->dueWords(), 'has') ? '' : 'is ').$one->dueWords(),
                default => $one->dueWords(),
            };
        }
        $codes = array_map(fn (ToolStanding $s): string => $s->tool->code, $some);
        $more = count($codes) > self::NAMED ? array_splice($codes, self::NAMED - 1) : [];
        $last = $more === [] ? array_pop($codes) : count($more).' others';

        return sprintf('%s and %s %s', implode(', ', $codes), $last, $some[0]->isStillOut() ? 'are still out from an earlier day' : match ($some[0]->due) {
            'overdue' => 'are overdue',
            'soon' => 'are due within the week',
            'failed' => 'failed their last calibration',
            default => 'were never calibrated',
        });
    }

    private static function counted(int $n, string $one, string $many): ?string
    {
        return $n === 0 ? null : $n.' '.($n === 1 ? $one : $many);
    }
}
