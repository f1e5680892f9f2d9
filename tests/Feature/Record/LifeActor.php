<?php

declare(strict_types=1);

namespace Tests\Feature\Record;

use App\Crib\Models\ToolRow;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Lives\Life;
use Tests\Feature\BenchActor;
use Tests\Feature\World;

/** Carries out the events of a life as the bench's page does, and knows what each id stands for. */
final class LifeActor
{
    private const BADGES = ['ann' => '1041', 'bo' => '1042'];

    /** @var array<string, BenchActor> by device and person */
    private array $actors = [];

    /** @var array<string, string> step by the name that the life gives a reading */
    private array $steps = [];

    /** @var array<string, string> id by the name that the life gives it */
    private array $ids = [];

    private string $run = '';

    private ?CarbonImmutable $first = null;

    private BenchActor $holder;

    private readonly string $job;

    public function __construct(private readonly TestCase $test, private readonly World $world, private readonly string $started)
    {
        $this->ids['build'] = $world->build();
        $this->ids['job'] = $this->job = $world->job($this->ids['build']);
    }

    /**
     * @param  array<string, mixed>  $event
     * @param  array<string, mixed>  $outcome  what it came to
     */
    public function carryOut(array $event, array $outcome): void
    {
        $this->travel($event);
        $done = match ($event['event']) {
            'run_begun' => $this->begin($this->holder = $this->actor($event)),
            'run_taken_over' => ($this->holder = $this->actor($event))->command("runs/$this->run/take-over")->status(),
            'tool_taken' => $this->holder->take($event['quantity'], $event['tool'])->status(),
            'reading_taken' => $this->read($this->actor($event), $event),
            'backed_off' => $this->holder->send($this->holder->observation('backed_off', $event['step']))->status(),
            'reading_withdrawn' => $this->holder->command("runs/$this->run/withdrawals", ['reading' => $this->ids[$event['reading']], 'step' => $this->steps[$event['reading']], 'reason' => 'wrong_key'] + $this->second($event))->status(),
            'run_finished' => $this->holder->finish()->status(),
            default => throw new RuntimeException("No bench of the first format records $event[event]."),
        };
        $observed = in_array($event['event'], ['reading_taken', 'backed_off', 'tool_taken'], true);
        $this->test::assertSame($observed || $outcome['standing'] === 'applied' ? 'taken' : 'refused', $done < 300 ? 'taken' : ($done === 409 ? 'refused' : (string) $done), (string) json_encode($event));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed> with what its ids stand for
     */
    public function named(array $row): array
    {
        $names = array_flip($this->ids)
            + DB::table('people')->get()->mapWithKeys(fn (object $p): array => [$p->id => array_flip(self::BADGES)[$p->badge ?? ''] ?? 'somebody'])->all()
            + ToolRow::query()->pluck('code', 'id')->all()
            + DB::table('calibrations')->pluck('certificate', 'entry_id')->all()
            + DB::table('devices')->pluck('name', 'id')->all()
            + DB::table('joints')->pluck('name', 'id')->all() + DB::table('families')->pluck('name', 'id')->all() + DB::table('customers')->pluck('name', 'id')->all();
        $row = array_map(fn (mixed $v): mixed => is_string($v) ? $names[$v] ?? $v : $v, $row);
        foreach ($row as $column => $value) {
            $row[$column] = match (true) {
                is_string($value) && preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-/', $value) === 1 => 'an id',
                str_ends_with($column, '_at') && is_string($value) => round(CarbonImmutable::parse($this->started)->diffInSeconds(CarbonImmutable::parse($value)), 3).' s',
                default => $value,
            };
        }

        return $row;
    }

    /** @param  array<string, mixed>  $event */
    private function travel(array $event): void
    {
        $at = isset($event['at']) ? CarbonImmutable::parse($event['at']) : null;
        $this->first ??= $at;
        $this->test->travelTo($at === null || $this->first === null ? now() : CarbonImmutable::parse($this->started)->addSeconds($this->first->diffInSeconds($at)));
    }

    /** @param  array<string, mixed>  $event */
    private function actor(array $event): BenchActor
    {
        $key = "$event[device] $event[person]";
        if (! isset($this->actors[$key])) {
            $same = array_filter($this->actors, fn (string $k): bool => str_starts_with($k, "$event[device] "), ARRAY_FILTER_USE_KEY);
            $device = $same === [] ? $this->world->device($event['device']) : reset($same)->device;
            $this->actors[$key] = $this->world->bench($device, self::BADGES[$event['person']]);
        }
        $this->actors[$key]->run = $this->run;

        return $this->actors[$key];
    }

    private function begin(BenchActor $actor): int
    {
        $this->ids['run'] = $this->run = $actor->begin($this->job)->run;

        return 201;
    }

    /** @param  array<string, mixed>  $event */
    private function read(BenchActor $actor, array $event): int
    {
        $sent = $actor->observation('reading_taken', $event['step']);
        $this->ids[$event['id']] ??= $sent['id'];
        $this->steps[$event['id']] = $event['step'];
        $value = Bench::coded($event['value']);

        return $actor->send([
            'value' => $value, 'raw' => explode(' ', $value)[0], 'mono_ms' => $event['mono_ms'], 'tool' => $this->world->tools[$event['tool']], 'source' => $event['source'], 'device_says' => ['standing' => 'applied', 'verdict' => 'in'],
            'id' => $this->ids[$event['id']],
        ] + $sent)->status();
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, string>
     */
    private function second(array $event): array
    {
        return isset($event['second_person']) ? ['second_badge' => self::BADGES[$event['second_person']], 'second_pin' => '314159'] : [];
    }
}
