<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Queries\ShiftEnd;
use App\Ledger\ErasableTexts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** Before the first round, and whenever it is left: what lies ready, how long it takes, and what the next one is told. */
final class LeavingTest extends FeatureTestCase
{
    private const WORDS = 'The rear pair is dry; oil it again before you pull.';

    private BenchActor $bench;

    private string $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
        $this->bench = $this->world->bench()->begin($this->world->job($this->build));
    }

    public function test_before_anything_was_done_the_sheet_has_the_kit_and_afterwards_it_has_none(): void
    {
        $kit = $this->bench->show()['kit'];
        self::assertSame(['Fasteners', 'On their surfaces', 'Tools'], array_column($kit, 'title'));
        self::assertContains(['says' => 'Torque wrench: TW-04', 'lacks' => false], $kit[2]['lines']);
        $this->bench->prepared();

        self::assertSame([], $this->bench->show()['kit']);
    }

    public function test_what_is_stamped_is_asked_and_another_stamp_stops_it(): void
    {
        $call = $this->bench->show()['view']['call'];
        self::assertSame('stamp', $call['kind']);
        $this->bench->send(['reads' => 'QX 7'] + $call['answers'][0]['event'] + $this->bench->observation('identity_read'))->assertJsonPath('outcomes.0.standing', 'applied');

        self::assertSame(['Other hardware', true], [$this->bench->show()['view']['call']['title'], $this->bench->show()['view']['call']['mismatch']]);
    }

    public function test_a_job_on_the_hook_says_how_long_it_takes_and_where_it_can_be_left(): void
    {
        $this->world->desk('lead', 'POST', 'shop/shifts', ['shifts' => [['name' => 'early', 'from' => '06:00', 'to' => '14:00']]])->assertNoContent();
        $this->travelTo(CarbonImmutable::parse('2026-03-02 13:59', 'Europe/London'));
        $times = $this->times();

        self::assertSame(['ends' => '14:00', 'left' => '1 min'], $times['shift']);
        self::assertTrue($times['jobs'][0]['time']['late']);
        self::assertStringEndsWith('after round 1, past the end of the shift', $times['jobs'][0]['time']['leave']);
    }

    public function test_rounds_take_what_they_took_in_earlier_runs_of_the_joint(): void
    {
        $earlier = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->world->build('TN3-26-0002'), '1042'));
        $earlier->take('torque', 'TW-04');
        foreach (array_slice($earlier->walk(), 0, 8) as $step) {
            $this->travel(120)->seconds();
            $earlier->send($earlier->reading($step->id, '32.0'))->assertOk();
        }
        DB::table('runs')->where('id', $earlier->run)->update(['finished_at' => now()]);

        self::assertStringContainsString('16 min, after round 1', $this->times()['jobs'][0]['time']['leave'], 'eight bolts of two minutes each');
    }

    public function test_what_was_said_when_it_was_left_is_seen_by_the_next_one_until_it_is_taken_up(): void
    {
        $this->park();
        self::assertSame([self::WORDS, $this->world->person('1041')->displayName()], [$this->times()['jobs'][0]['left']['says'], $this->bench->show()['left']['person_name']]);
        self::assertTrue($this->bench->show()['view']['parked']);

        $this->bench->send($this->bench->observation('resumed') + ['after_idle' => false])->assertOk();
        self::assertNull($this->bench->show()['left']);
        self::assertNull($this->times()['jobs'][0]['left']);
    }

    public function test_the_lead_reads_it_too_and_another_stamp_that_it_was_left_for(): void
    {
        self::assertNull($this->atDesk()['left']);
        $this->park();
        self::assertSame([self::WORDS, $this->world->person('1041')->displayName()], [$this->atDesk()['left']['says'], $this->atDesk()['left']['person_name']]);
        self::assertSame([null, null], [$this->atDesk('approver')['left'], $this->atDesk('reader')['left']], 'whoever gives out no work does not read what assemblers say to each other');

        $this->bench->send($this->bench->observation('resumed') + ['after_idle' => false])->assertOk();
        self::assertNull($this->atDesk()['left']);
        $call = $this->bench->show()['view']['call'];
        $this->bench->send(['reads' => 'QX 7'] + $call['answers'][0]['event'] + $this->bench->observation('identity_read'))->assertOk();
        $leave = array_values(array_filter($this->bench->show()['view']['call']['answers'], fn (array $a): bool => $a['key'] === '*'))[0];
        $this->bench->send($leave['event'] + $this->bench->observation('parked'))->assertJsonPath('outcomes.0.standing', 'applied');
        self::assertStringContainsString('Stamped “QX 7”', $this->atDesk()['left']['says']);
    }

    public function test_once_somebodys_words_were_erased_the_reason_stands_in_their_place(): void
    {
        $this->park();
        DB::table(ErasableTexts::TABLE)->where('text', self::WORDS)->delete();

        self::assertSame('left at the bench', $this->bench->show()['left']['says']);
    }

    /** @return iterable<string, array{list<array{name: string, from: string, to: string}>, string, string|null, int|null}> */
    public static function shifts(): iterable
    {
        $two = [['name' => 'early', 'from' => '06:00', 'to' => '14:00'], ['name' => 'late', 'from' => '14:00', 'to' => '22:00']];
        yield 'the one that is on' => [$two, '2026-03-02 13:00', '14:00', 3_600];
        yield 'the one after, once it has ended' => [$two, '2026-03-02 14:00', '22:00', 28_800];
        yield 'none between the last of a day and the first of the next' => [$two, '2026-03-02 22:30', null, null];
        yield 'a shop that says none' => [[], '2026-03-02 13:00', null, null];
    }

    /** @param  list<array{name: string, from: string, to: string}>  $shifts */
    #[DataProvider('shifts')]
    public function test_the_shift_ends_by_the_shops_own_clock(array $shifts, string $now, ?string $at, ?int $seconds): void
    {
        $this->world->desk('lead', 'POST', 'shop', ['shop' => ['name' => 'Fenmoor', 'time_zone' => 'Pacific/Auckland', 'torque_unit' => 'N.m', 'length_unit' => 'mm']])->assertNoContent();
        $this->world->desk('lead', 'POST', 'shop/shifts', ['shifts' => $shifts])->assertNoContent();
        $end = ShiftEnd::after(CarbonImmutable::parse($now, 'Pacific/Auckland')->utc());

        self::assertSame([$at, $seconds], [$end?->at, $end?->seconds]);
    }

    /**
     * @phpstan-impure what happened meanwhile changes it
     *
     * @return array<mixed> the run of the engine's first joint
     */
    private function atDesk(string $who = 'lead'): array
    {
        return (array) $this->world->desk($who, 'GET', "builds/$this->build")->assertOk()->json('joints.0.run');
    }

    private function park(): void
    {
        $this->bench->send($this->bench->observation('parked') + ['reason' => 'left at the bench', 'text' => self::WORDS])->assertJsonPath('outcomes.0.standing', 'applied');
    }

    /** @return array<mixed> */
    private function times(): array
    {
        return (array) $this->world->atBench($this->bench->device, $this->bench->person, $this->bench->sitting, 'GET', 'bench/hook/times')->assertOk()->json();
    }
}
