<?php

declare(strict_types=1);

namespace Tests\Feature\Desk;

use App\Library\Actions\TurnDownRevision;
use App\People\Actions\KeepPerson;
use App\People\Role;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** The first page: what waits for whoever is signed in, most pressing first, and nothing that they cannot settle. */
final class TodayTest extends FeatureTestCase
{
    public function test_where_nothing_waits_nothing_stands(): void
    {
        foreach (['lead', 'approver', 'crib', 'reader'] as $who) {
            $needs = array_filter($this->needs($who), fn (array $n): bool => ! str_starts_with($n['link'], '/crib'));
            self::assertSame([], $needs, $who);
        }
    }

    public function test_a_bolt_that_stopped_stands_first_with_its_metal_and_the_way_to_it(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        $bench->send($bench->reading('snug:c2a:1', '27.4'));
        $need = $this->needs('lead')[0];

        self::assertSame(['stands_still', 'TN3-26-0001, main caps: stopped', "/builds/$build"], [$need['urgency'], $need['title'], $need['link']]);
        self::assertStringContainsString('Skerry Dredging, Rafe Ondling at Bench 1, since 10:00.', $need['why'], 'by the shop’s clock');
        self::assertNotNull($need['joint']['marks'][0]['fault'] ?? null);
        self::assertSame([], array_filter($this->needs('approver'), fn (array $n): bool => $n['urgency'] === 'stands_still'), 'whoever gives out no work cannot settle it');

        $bench->send($bench->observation('backed_off', 'snug:c2a:1'), $bench->reading('snug:c2a:1', '32.0'));
        self::assertSame([], $this->of('lead', 'stands_still'));
    }

    public function test_a_job_that_was_left_with_words_waits_for_whoever_gives_out_work(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->send($bench->observation('parked') + ['reason' => 'left at the bench', 'text' => 'Cap 2 does not sit.'])->assertJsonPath('outcomes.0.standing', 'applied');
        $need = $this->of('lead', 'stands_still')[0];

        self::assertSame('TN3-26-0001, main caps: left at the bench', $need['title']);
        self::assertStringStartsWith('“Cap 2 does not sit.” – Rafe Ondling at Bench 1', $need['why']);
        $bench->send($bench->observation('resumed') + ['after_idle' => false])->assertOk();
        self::assertSame([], $this->of('lead', 'stands_still'), 'it was taken up again');
    }

    public function test_an_engine_of_which_every_joint_is_done_can_be_finished(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        self::assertSame([], $this->of('lead', 'can_wait'));
        $bench->completeAll();
        $bench->finish()->assertOk();

        self::assertSame([["/builds/$build", 'Finish it']], array_map(fn (array $n): array => [$n['link'], $n['action']], $this->of('lead', 'can_wait')));
    }

    public function test_what_waits_for_a_signature_waits_for_who_may_sign_and_did_not_write_it(): void
    {
        $revision = $this->world->draft();
        $next = $this->of('approver', 'next');
        self::assertSame(["/library/$revision->id"], array_column($next, 'link'));
        self::assertStringContainsString('Tarn TN3, main caps, stock bolts: revision B waits for a signature', $next[0]['title']);
        self::assertSame([], $this->of('lead', 'next'));
        app(KeepPerson::class)->roles($this->world->person('lead'), [Role::Lead, Role::Approver], $this->world->person('approver'));
        self::assertSame([], $this->of('lead', 'next'), 'who wrote it does not sign it');

        app(TurnDownRevision::class)->back($revision, 'Which page?', $this->world->person('approver'));
        self::assertSame(['“Which page?”'], array_column($this->of('lead', 'next'), 'why'));
        self::assertSame([], $this->of('approver', 'next'));
    }

    public function test_a_window_standard_and_a_permit_wait_for_a_signature_too(): void
    {
        $this->world->desk('lead', 'POST', 'library/sources', ['code' => 'FW-01', 'kind' => 'window_standard', 'title' => 'Windows', 'edition' => '1', 'date' => '2026-06'])->assertCreated();
        $this->world->desk('lead', 'POST', 'library/standards', ['code' => 'FW-01-T', 'quantity' => 'torque', 'tolerance' => '5 %', 'source' => 'FW-01'])->assertCreated();

        self::assertSame(['Window standard FW-01-T waits for a signature'], array_column($this->of('approver', 'next'), 'title'));
    }

    public function test_a_reading_that_no_step_took_waits_for_who_says_what_becomes_of_it(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $held = $bench->reading('snug:c2a:1', '32.0');
        $other->command("runs/$bench->run/take-over")->assertOk();
        $bench->send($held)->assertJsonPath('outcomes.0.standing', 'set_aside');

        self::assertSame([['TN3-26-0001: one reading that no step took', "/audit/$build"]], array_map(fn (array $n): array => [$n['title'], $n['link']], $this->of('lead', 'in_doubt')));
    }

    public function test_who_is_locked_out_waits_for_a_lead(): void
    {
        $device = $this->world->device();
        for ($i = 0; $i < 6; $i++) {
            $this->world->atBench($device, null, null, 'POST', 'session/bench', ['badge' => '1041', 'pin' => '000000', 'last_device_seq' => 0]);
        }

        self::assertSame(['Rafe Ondling is locked out at a bench'], array_column($this->of('lead', 'stands_still'), 'title'));
    }

    public function test_the_crib_keeper_is_told_of_tools_and_of_nothing_else(): void
    {
        self::assertNotSame([], $this->needs('crib'));
        foreach ($this->needs('crib') as $need) {
            self::assertStringStartsWith('/crib', $need['link']);
        }
        self::assertSame([], array_filter($this->needs('lead'), fn (array $n): bool => str_starts_with($n['link'], '/crib/tools')), 'a lead cannot calibrate');
    }

    public function test_it_asks_as_many_questions_for_many_engines_as_for_one(): void
    {
        $asked = function (): int {
            DB::flushQueryLog();
            $this->needs('lead');

            return count(DB::getQueryLog());
        };
        DB::enableQueryLog();
        $this->world->job($this->world->build('TN3-26-0001'));
        $asked();
        $one = $asked();
        foreach (range(2, 9) as $n) {
            $this->world->job($this->world->build("TN3-26-000$n"));
        }
        // What work comes to with the crib is worked out once for each change of either.
        $asked();

        self::assertSame($one, $asked());
    }

    public function test_nor_does_it_ask_more_for_many_that_stand_still_than_for_two(): void
    {
        $asked = function (): int {
            DB::flushQueryLog();
            $this->needs('lead');

            return count(DB::getQueryLog());
        };
        $stand = function (int $n): void {
            $stopped = $this->world->bench($this->world->device("Bench $n"))->ready($this->world->job($this->world->build(sprintf('TN3-26-%04d', $n))));
            $stopped->send($stopped->reading('snug:c2a:1', '27.4'));
            $left = $this->world->bench($this->world->device("Bench $n b"), '1042')->ready($this->world->job($this->world->build(sprintf('TN3-26-%04d', 500 + $n)), '1042'));
            $left->send($left->observation('parked') + ['reason' => 'left at the bench', 'text' => "Words $n."]);
        };
        $stand(1);
        DB::enableQueryLog();
        $asked();
        $two = $asked();
        array_map($stand, range(2, 4));
        $asked();

        self::assertSame($two, $asked());
        self::assertCount(8, $this->of('lead', 'stands_still'));
        self::assertSame(4, count(array_filter($this->of('lead', 'stands_still'), fn (array $n): bool => str_starts_with($n['why'], '“Words'))));
    }

    /**
     * @phpstan-impure
     *
     * @return list<array<string, mixed>>
     */
    private function of(string $who, string $urgency): array
    {
        return array_values(array_filter($this->needs($who), fn (array $n): bool => $n['urgency'] === $urgency));
    }

    /**
     * @phpstan-impure
     *
     * @return list<array<string, mixed>>
     */
    private function needs(string $who): array
    {
        return array_values((array) $this->world->desk($who, 'GET', 'today')->assertOk()->json('needs'));
    }
}
