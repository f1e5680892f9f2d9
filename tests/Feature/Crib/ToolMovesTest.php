<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Models\LookBackCase;
use App\Crib\Models\ToolRow;
use Tests\Factories\Tools;

/** Tools from hand to hand, away and back, out of use and off the board; and lots. */
final class ToolMovesTest extends CribTestCase
{
    public function test_a_tool_goes_out_to_a_badge_and_comes_back_and_the_page_says_who_had_it(): void
    {
        $this->keeper('POST', 'tools/TW-04/lend', ['badge' => '@B1041'])->assertOk();
        self::assertSame(['out', 'Rafe Ondling'], [$this->tool()['state'], $this->tool()['holder']]);
        $this->refused($this->keeper('POST', 'tools/TW-04/lend', ['badge' => '1042']), 'tool', 'TW-04 is with Rafe Ondling. It comes back first.', 409);
        $this->keeper('POST', 'tools/TW-04/return', ['elsewhere' => 'none'])->assertOk();
        $this->refused($this->keeper('POST', 'tools/TW-04/return', ['elsewhere' => 'none']), 'tool', 'TW-04 is with nobody.', 409);
        self::assertSame(['back from Rafe Ondling, used elsewhere: none', 'to Rafe Ondling'], array_slice(array_column((array) $this->keeper('GET', 'tools/TW-04')->json('moves'), 'says'), 0, 2));
    }

    public function test_a_tool_that_is_not_fit_is_not_handed_out_and_neither_is_one_to_who_works_with_none(): void
    {
        $this->refused($this->keeper('POST', 'tools/TW-07/lend', ['badge' => '1041']), 'tool', 'TW-07 is out of calibration: its calibration was due by 1 May 2026. It is not handed out.', 409);
        $this->refused($this->keeper('POST', 'tools/TW-04/lend', ['badge' => '1001']), 'to', 'Ansa Kettleby does not work with tools.');
        $this->refused($this->keeper('POST', 'tools/TW-04/lend', ['badge' => '9999']), 'badge', 'No badge 9999 is known here.');
        self::assertSame('There is no tool TW-99 here. Read its number again.', $this->keeper('POST', 'tools/TW-99/lend', ['badge' => '1041'])->assertNotFound()->json('detail'));
    }

    /** What the record counts, and what people say of its use elsewhere (the shop's estimate: some 50, much 500). */
    public function test_pulls_make_a_tool_due_as_days_do_whichever_comes_first(): void
    {
        $this->keeper('POST', 'tools/TW-04', ['fields' => ['cycles' => '520', 'permissible' => '4 %'] + (array) $this->keeper('GET', 'tools/TW-04')->json('fields')])->assertOk();
        foreach ([['much', 'soon', 500], ['some', 'overdue', 550]] as [$elsewhere, $due, $pulls]) {
            $this->keeper('POST', 'tools/TW-04/lend', ['badge' => '1041'])->assertOk();
            $this->keeper('POST', 'tools/TW-04/return', ['elsewhere' => $elsewhere])->assertOk();
            self::assertSame([$due, $pulls], [$this->tool()['due'], $this->tool()['pulls']]);
        }
        $this->refused($this->keeper('POST', 'tools/TW-04/lend', ['badge' => '1041']), 'tool', 'TW-04 has done 550 of its 520 pulls since it was calibrated. It is not handed out.', 409);
        $this->calibrate($this->typed());
        self::assertSame(['good', 0], [$this->tool()['due'], $this->tool()['pulls']]);
    }

    public function test_one_that_was_dropped_is_out_of_use_at_once_and_only_a_calibration_takes_the_chain_off(): void
    {
        $this->keeper('POST', 'tools/TW-04/chain', ['reason' => 'dropped'])->assertOk();
        self::assertSame(['chained', 'it was dropped on 15 June 2026'], [$this->tool()['state'], $this->tool()['out_of_use']]);
        $this->refused($this->keeper('POST', 'tools/TW-04/chain', ['reason' => 'suspected']), 'tool', 'TW-04 is out of use already, or away.', 409);
        $this->refused($this->keeper('POST', 'tools/TW-04/lend', ['badge' => '1041']), 'tool', 'TW-04 is out of use: it was dropped on 15 June 2026. It is not handed out.', 409);
        $this->keeper('POST', 'tools/away', ['tools' => ['TW-04'], 'laboratory' => 'Sallow'])->assertOk();
        $this->keeper('POST', 'tools/back', ['tools' => ['TW-04']])->assertOk();
        self::assertSame('chained', $this->tool()['state'], 'away and back is no calibration');
        $this->calibrate($this->typed());
        self::assertSame('here', $this->tool()['state']);
        self::assertSame(0, LookBackCase::query()->count(), 'good as found: nothing is in doubt');
    }

    public function test_whoever_drops_it_in_a_run_puts_the_chain_on_for_every_bench(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->send($bench->observation('fault_reported') + ['fault' => 'dropped_wrench', 'at' => 'joint', 'tool' => $this->world->tools['TW-04']])->assertOk();

        self::assertSame(['chained', 'it was dropped on 15 June 2026'], [$this->tool()['state'], $this->tool()['out_of_use']]);
    }

    public function test_at_the_hook_one_helps_oneself_under_the_keepers_rule(): void
    {
        $bench = $this->world->bench();
        self::assertSame(['here', null], [$bench->get('tools/TW-04')['state'], $bench->get('tools/TW-04')['why_not']]);
        $at = fn (string $path, array $body = []) => $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'POST', "bench/tools/$path", $body);
        $at('TW-04/take')->assertOk()->assertJsonPath('mine', true);
        $this->refused($at('TW-07/take'), 'tool', 'TW-07 is out of calibration: its calibration was due by 1 May 2026. It is not handed out.', 409);
        $at('TW-04/bring', ['elsewhere' => 'some'])->assertOk()->assertJsonPath('state', 'here');
        $at('TW-04/chain', ['reason' => 'dropped'])->assertOk()->assertJsonPath('why_not', 'TW-04 is out of use: it was dropped on 15 June 2026.');
    }

    public function test_many_go_away_and_come_back_together_all_or_none(): void
    {
        $this->keeper('POST', 'tools/TW-09/lend', ['badge' => '1041'])->assertOk();
        $this->refused($this->keeper('POST', 'tools/away', ['tools' => ['TW-04', 'TW-09'], 'laboratory' => 'Sallow']), 'tool', 'TW-09 is not here.', 409);
        self::assertSame('here', $this->tool()['state']);
        $this->keeper('POST', 'tools/away', ['tools' => ['TW-04', 'TW-07'], 'laboratory' => 'Sallow'])->assertOk()->assertJson(['sent' => 2]);
        self::assertSame('away at Sallow since today, 10:00', $this->tool()['says']);
        $this->keeper('POST', 'tools/back', ['tools' => ['TW-04', 'TW-07']])->assertOk()->assertJson(['back' => 2]);
        $this->refused($this->keeper('POST', 'tools/away', ['tools' => [], 'laboratory' => 'x']), 'tools', 'Choose the tools that go.');
    }

    public function test_of_two_that_do_the_same_one_stays_at_home(): void
    {
        $this->keeper('POST', 'tools', ['tools' => [['code' => 'TW-05', 'name' => 'Dial wrench', 'form' => 'dial_wrench', 'unit' => 'N.m', 'lowest' => '10', 'highest' => '70', 'resolution' => '0.5', 'permissible' => '4 %']]])->assertCreated();
        Tools::calibrated((string) $this->tool('TW-05')['id'], '2026-03-01', '2026-09-02', true, 'T', $this->world->person('crib'));
        $this->travelTo('2026-08-20 09:00:00');
        $sending = $this->keeper('GET', 'tools')->json('sending');

        self::assertContains('TW-04', $sending['now']);
        self::assertSame([['tool' => 'TW-05', 'for' => ['TW-07', 'TW-04']]], array_values(array_filter($sending['wait'], fn (array $w): bool => $w['tool'] === 'TW-05')));
    }

    public function test_a_failed_check_puts_the_chain_on_and_looks_back_and_a_good_as_found_answers_it(): void
    {
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '35.8'])->assertOk()->assertJson(['good' => true]);
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '33'])->assertOk()->assertJson(['good' => false]);
        self::assertSame(['chained', 'it failed its check on 15 June 2026'], [$this->tool()['state'], $this->tool()['out_of_use']]);
        self::assertSame('failed_check', LookBackCase::query()->sole()->cause->value);
        $this->refused($this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '36']), 'tool', 'TW-04 is out of use, or away.', 409);
        $this->calibrate($this->typed());
        self::assertSame('closed', LookBackCase::query()->sole()->state);
    }

    public function test_a_failed_check_stops_the_open_runs_of_its_tool(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()))->prepared();
        $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '33'])->assertOk();
        $call = (array) $bench->show()['view']['call'];
        $late = $bench->send($bench->reading($bench->walk()[0]->id, '32.0'));

        self::assertSame(['tool', ['TW-04 is out of use: it failed its check on 15 June 2026.']], [$call['kind'], array_column($call['offers'], null, 'code')['TW-04']['reasons']]);
        self::assertContains('TW-04 is out of use: it failed its check on 15 June 2026.', array_column((array) $late->json('outcomes.0.effects'), 'sentence'), 'what was used all the same is kept and flagged');
    }

    public function test_a_check_that_cannot_be_is_refused(): void
    {
        $this->refused($this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '35,8']), 'reading', 'A plain number is wanted, with a point.');
        $this->refused($this->keeper('POST', 'tools/TW-04/check', ['nominal' => '75', 'reading' => '75']), 'point', 'The point 75 N·m lies outside the range of the tool, 12–60 N·m; it says nothing of it.');
    }

    public function test_a_tool_in_an_open_run_is_not_retired_and_one_that_was_retired_moves_no_more(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()))->prepared();
        $retire = fn () => $this->keeper('POST', 'tools/TW-04/retire', ['reason' => 'worn']);
        $inUse = 'TW-04 is in use in an open run, at TN3-26-0001. Finish it there, or take another tool, before this one is retired.';
        $this->refused($retire(), 'tool', $inUse, 409);
        $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->refused($retire(), 'tool', $inUse, 409);
        $this->keeper('POST', 'tools', ['tools' => [['code' => 'TW-30', 'name' => 'Click wrench', 'form' => 'click_wrench', 'unit' => 'N.m', 'lowest' => '12', 'highest' => '60', 'resolution' => '0.1', 'permissible' => '4 %', 'months' => '12']]])->assertCreated();
        $this->calibrate($this->typed(), 'TW-30');
        $this->world->tools['TW-30'] = ToolRow::get('TW-30')->id;
        $bench->take('torque', 'TW-30')->assertJsonPath('outcomes.0.standing', 'applied');
        $retire()->assertOk();
        $this->keeper('POST', 'tools/TW-09/retire', ['reason' => 'worn'])->assertOk();
        $this->refused($this->keeper('POST', 'tools/TW-09/chain', ['reason' => 'dropped']), 'tool', 'TW-09 was retired.', 409);
        $this->refused($this->keeper('POST', 'tools/TW-09/calibrations', $this->typed()), 'tool', 'TW-09 was retired; it is not calibrated any more.');
        $this->refused($this->keeper('POST', 'tools/TW-07/retire', ['reason' => 'bored']), 'reason', 'Choose one of the reasons.');
    }

    public function test_only_the_keeper_hands_out_and_sends_away(): void
    {
        foreach (['lead', 'approver'] as $who) {
            $this->world->desk($who, 'POST', 'tools/TW-04/lend', ['badge' => '1041'])->assertForbidden();
            $this->world->desk($who, 'POST', 'tools/away', ['tools' => ['TW-04'], 'laboratory' => 'x'])->assertForbidden();
        }
    }

    public function test_lots_come_in_are_counted_and_closed_and_what_cannot_be_is_refused(): void
    {
        $lot = ['number' => 'H1', 'kind' => 'locker', 'name' => 'Thread locker', 'quantity' => '7', 'unit' => 'bottles', 'expires_on' => '2026-12-01'];
        $id = (string) $this->keeper('POST', 'lots', $lot)->assertCreated()->json('id');
        $this->refused($this->keeper('POST', 'lots', $lot), 'number', 'There is a lot H1 of that kind already.');
        $this->refused($this->keeper('POST', 'lots', ['number' => 'H2', 'expires_on' => '2026-05-01'] + $lot), 'expires_on', 'It expired on 2026-05-01; what has expired does not come in.');
        $this->refused($this->keeper('POST', 'lots', ['number' => 'H2', 'quantity' => '-7'] + $lot), 'quantity', 'A number from 0 up is wanted, with a point.');
        self::assertSame('6', $this->keeper('POST', "lots/$id/count", ['quantity' => '6'])->assertOk()->json('lots.0.quantity'));
        $this->travelTo('2026-12-02 09:00:00');
        self::assertTrue($this->keeper('GET', 'lots')->json('lots.0.expired'));
        $this->keeper('POST', "lots/$id/close")->assertOk();
        $this->refused($this->keeper('POST', "lots/$id/count", ['quantity' => '5']), 'lot', 'Lot H1 is closed.', 409);
    }
}
