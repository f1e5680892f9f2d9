<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\People\Http\BenchSession;
use Illuminate\Support\Facades\DB;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

final class HookTest extends FeatureTestCase
{
    public function test_a_hook_holds_ones_own_open_jobs_and_shows_runs_that_could_be_taken_over(): void
    {
        $own = $this->world->bench(badge: '1041');
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $this->world->job($this->world->build('TN3-26-0001'), '1041');
        $this->world->job($this->world->build('TN3-26-0002'), '1042');
        $other->begin($this->world->job($this->world->build('TN3-26-0003'), '1042'));

        self::assertSame([['TN3-26-0001'], ['TN3-26-0003']], $this->hook($own));
        self::assertSame([['TN3-26-0002', 'TN3-26-0003'], []], $this->hook($other));
    }

    public function test_a_finished_job_leaves_the_hook(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->completeAll();
        self::assertSame([['TN3-26-0001'], []], $this->hook($bench));
        $bench->finish()->assertOk();
        self::assertSame([[], []], $this->hook($bench));
    }

    public function test_a_run_taken_over_hangs_on_the_new_hook(): void
    {
        $first = $this->world->bench()->begin($this->world->job($this->world->build()));
        $second = $this->world->bench($this->world->device('Bench 2'), '1042');
        $second->command("runs/$first->run/take-over")->assertOk();

        self::assertSame([['TN3-26-0001'], []], $this->hook($second));
        self::assertSame([[], ['TN3-26-0001']], $this->hook($first));
    }

    public function test_a_run_offers_the_tools_that_fit_and_shows_the_number_to_reach_on_the_scale_of_the_one_taken(): void
    {
        $bench = $this->world->bench()->begin($this->world->job($this->world->build()))->prepared();
        $offers = array_column($bench->show()['view']['call']['offers'], null, 'code');
        self::assertSame(['1', null, 1], [$offers['TW-04']['key'], $offers['TW-09']['key'] ?? null, count($offers['TW-09']['reasons'])]);

        $bench->take('torque', 'TW-04');
        $call = $bench->show()['view']['call'];
        self::assertSame(['digits' => '32.0', 'low' => '30.0', 'high' => '34.0'], array_intersect_key($call['scale'], ['digits' => 0, 'low' => 0, 'high' => 0]));
        self::assertSame(['read', 'Bolt 1'], [$call['kind'], $call['title']]);
    }

    /** A bench whose clock runs an hour ahead: its times are put right by the skew seen at sending. */
    public function test_a_wrong_device_clock_is_put_right_and_its_skew_kept(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $ahead = now()->addHour();
        $reading = $bench->reading('snug:c2a:1', '32.0', change: ['device_time' => $ahead->subSeconds(90)->toIso8601ZuluString('millisecond')]);
        $id = $this->sendBatch($bench, ['sent_at' => $ahead->toIso8601ZuluString('millisecond'), 'observations' => [$reading]]);
        $body = json_decode((string) DB::table('ledger_entries')->where('entry_id', $id)->value('body'), true, flags: JSON_THROW_ON_ERROR);

        self::assertSame(-3_600_000, $body['event']['skew_ms']);
        self::assertSame(now()->subSeconds(90)->format('Y-m-d\TH:i:s.u\Z'), $body['event']['taken_at']);
    }

    public function test_nothing_is_recorded_as_taken_in_the_future(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $reading = $bench->reading('snug:c2a:1', '32.0', change: ['device_time' => now()->addDays(3)->toIso8601ZuluString('millisecond')]);
        $id = $this->sendBatch($bench, ['sent_at' => now()->toIso8601ZuluString('millisecond'), 'observations' => [$reading]]);

        self::assertSame(now()->format('Y-m-d H:i:s'), substr((string) DB::table('results')->where('entry_id', $id)->value('taken_at'), 0, 19));
    }

    public function test_a_batch_that_does_not_say_when_it_was_sent_is_refused(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        foreach ([null, 'later', 5] as $sentAt) {
            $this->world->atBench($bench->device, null, null, 'POST', 'bench/observations', ['sent_at' => $sentAt, 'observations' => [$bench->reading('snug:c2a:1', '32.0')]])
                ->assertStatus(422)->assertJsonPath('field', 'sent_at');
        }
    }

    public function test_the_simulated_wrench_pulls_as_told_and_the_same_for_the_same_seed(): void
    {
        $bench = $this->world->bench();
        $pull = fn (array $change = []) => $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'POST', 'stand-ins/wrench/pull', $change + [
            'unit' => 'N.m', 'low' => '30', 'high' => '34', 'resolution' => '0.1', 'manner' => 'good', 'seed' => 'a',
        ]);

        $value = $pull()->assertOk()->assertJsonPath('simulated', true)->json('value');
        self::assertTrue($value >= 30 && $value <= 34);
        self::assertSame($value, $pull()->json('value'));
        self::assertLessThan(30, (float) $pull(['manner' => 'short'])->json('value'));
        foreach (['low' => '1e309', 'resolution' => '-1', 'unit' => 'furlong', 'manner' => 'gently', 'seed' => ''] as $field => $bad) {
            $pull([$field => $bad])->assertStatus(422)->assertJsonPath('field', $field);
        }
        $pull(['low' => '40'])->assertStatus(422);
        $stretch = $pull(['unit' => 'in', 'low' => '0.0050', 'high' => '0.0058', 'resolution' => '0.0001'])->assertOk()->json('value');
        self::assertTrue($stretch >= 0.005 && $stretch <= 0.0058, 'a gauge that sends its stretch');
    }

    public function test_a_browser_that_is_no_bench_has_no_hook(): void
    {
        self::assertSame('tekkal_bench_test', BenchSession::cookieName());
        $this->getJson('/api/bench/hook')->assertStatus(403)->assertJsonPath('type', 'tekkal:not-enrolled');
        $device = $this->world->device();
        $this->world->atBench($device, null, null, 'GET', 'bench/hook')->assertStatus(401);
    }

    /** @return array{list<string>, list<string>} serials on the own hook and in other hands */
    private function hook(BenchActor $bench): array
    {
        $hook = $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'GET', 'bench/hook')->assertOk();

        return [array_column($hook->json('mine'), 'serial'), array_column($hook->json('others'), 'serial')];
    }

    /** @param  array<string, mixed>  $batch */
    private function sendBatch(BenchActor $bench, array $batch): string
    {
        return (string) $this->world->atBench($bench->device, null, null, 'POST', 'bench/observations', $batch)->assertOk()->json('outcomes.0.id');
    }
}
