<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Hand;

/** The lives that are carried out on purpose: each thing that can happen at a bench, and the way on from it. */
final class Errands
{
    /** @return array<string, callable(): Bench> by name */
    public static function all(): array
    {
        return [
            'short-nudged-redone' => self::shortNudgedRedone(...),
            'wrong-setting-whole-round' => self::wrongSettingWholeRound(...),
            'taken-over-late-readings' => self::takenOverLateReadings(...),
            'over-stretched-scrapped' => self::overStretchedScrapped(...),
            'trial-then-earnest' => self::trialThenEarnest(...),
            'held-by-two-partner-let-go' => self::heldByTwoPartnerLetGo(...),
            'held-outside' => self::heldOutside(...),
            'typing-errors-withdrawn' => self::typingErrorsWithdrawn(...),
            'gave-way-repaired' => self::gaveWayRepaired(...),
            'gave-way-put-off' => self::gaveWayPutOff(...),
            'rod-moved' => self::rodMoved(...),
            'used-as-it-is' => self::usedAsItIs(...),
            'loosened-twice-used' => self::loosenedTwiceUsed(...),
            'verification-moved' => self::verificationMoved(...),
            'bolt-checked' => self::boltChecked(...),
            'put-off-and-taken-up' => self::putOffAndTakenUp(...),
            'check-failed-answered-again' => self::checkFailedAnsweredAgain(...),
            'interrupted-in-mid-angle' => self::interruptedInMidAngle(...),
            'head-opened-again' => self::headOpenedAgain(...),
            'wrench-dropped-did-another' => self::wrenchDroppedDidAnother(...),
            'comparator-zeroed-once' => self::comparatorZeroedOnce(...),
            'locker-too-late' => self::lockerTooLate(...),
            ...Settings::all(),
            'pairs-marked-as-they-go' => self::pairsMarkedAsTheyGo(...),
            'opened-again' => self::openedAgain(...),
            'after-the-end' => self::afterTheEnd(...),
            ...Mishaps::all(),
            'under-a-supervisor' => self::underASupervisor(...),
            'what-else-happens' => self::whatElseHappens(...),
        ];
    }

    /** Whatever is shown as the last way on, until the run is finished. */
    public static function toTheEnd(Bench $bench): Bench
    {
        $hand = new Hand($bench);
        for ($i = 0; $i < 600 && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->nextActions();
            $hand->follow($ways[count($ways) - 1]);
        }

        return $bench;
    }

    private static function underASupervisor(): Bench
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->does('supervisor_joined', ['supervisor' => 'ann']);
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        $bench->does('supervisor_left');
        $bench->does('supervisor_signed', ['supervisor' => 'cy', 'meaning' => 'I stood beside it and saw it done.']);
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        $bench->does('parked', ['reason' => 'shift_over']);
        $bench->does('supervisor_joined', ['supervisor' => 'di']);
        $bench->does('supervisor_signed', ['supervisor' => 'di', 'meaning' => 'I stood beside it and saw it done.']);

        return self::toTheEnd($bench);
    }

    private static function shortNudgedRedone(): Bench
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug', 'align', 'snug_thrust');
        $bench->does('tool_taken', ['quantity' => 'angle', 'tool' => 'W1']);
        $bench->reads('turn:i2l:1', '70°');
        $bench->reads('turn:i2l:1', '80°');
        $bench->does('backed_off', ['step' => 'turn:i2l:1']);

        return self::toTheEnd($bench);
    }

    private static function wrongSettingWholeRound(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '40 lbf·ft']);
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->reads('s1:b2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:b2:1']);
        $bench->does('disposed', ['step' => 's1:b2:1', 'disposition' => 'rework']);
        $bench->does('disposed', ['step' => 's1:b2:1', 'disposition' => 'rework'], 'lead');
        $bench->does('loosened', ['positions' => ['b2', 'a2']]);

        return self::toTheEnd($bench);
    }

    private static function takenOverLateReadings(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->takenOver('bo', 'bench2');
        $bench->reads('s1:b2:1', '40 lbf·ft');
        $bench->does('loosened', ['positions' => ['a2'], 'device' => 'bench2'], 'bo');
        $bench->takenOver('ann', 'bench1');

        return self::toTheEnd($bench);
    }

    private static function overStretchedScrapped(): Bench
    {
        $bench = new Bench('08-rod-stretch-absolute');
        foreach ($bench->fold->plan->positions as $place) {
            $bench->does('free_length_measured', ['position' => $place->key, 'length' => '2 in']);
        }
        foreach (array_slice($bench->fold->plan->steps, 0, 6) as $step) {
            $step->kind->value === 'stretch' ? $bench->reads($step->id, '2.0080 in') : (new Hand($bench))->step($step);
        }

        return self::toTheEnd($bench);
    }

    private static function trialThenEarnest(): Bench
    {
        $bench = (new Bench('11-trial-fit'))->round('try_snug', 'try_turn', 'open');
        $bench->does('loosened', ['positions' => [array_key_first($bench->fold->plan->positions)]]);

        return self::toTheEnd($bench);
    }

    private static function heldByTwoPartnerLetGo(): Bench
    {
        $bench = (new Bench('06-wheels-held'))->round('snug', 'back');
        $bench->reads('final:w1:1', '60 lbf·ft', ['15 lbf·ft']);
        $bench->does('second_person_joined', ['second_person' => 'bo']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '60 lbf·ft']);
        $bench->does('partner_let_go', ['step' => 'final:w1:1']);
        $bench->does('click_attested', ['id' => $bench->id(), 'step' => 'final:w1:1', 'tool' => 'W1']);

        return self::toTheEnd($bench);
    }

    private static function heldOutside(): Bench
    {
        $bench = (new Bench('06-wheels-held'))->round('snug', 'back');
        $bench->does('second_person_joined', ['second_person' => 'bo']);
        $bench->reads('final:w1:1', '60 lbf·ft', ['40 lbf·ft']);
        $bench->reads('final:w1:1', '60 lbf·ft');

        return self::toTheEnd($bench);
    }

    private static function typingErrorsWithdrawn(): Bench
    {
        $bench = new Bench('04-head-two-sizes');
        $typed = fn (string $id, string $value, string $source = 'typed', string $step = 'snug_large:a2:1') => $bench->does('reading_taken', ['id' => $id, 'step' => $step, 'value' => $value, 'tool' => 'W1', 'source' => $source]);
        $typed('r1', '22 lbf·ft');
        $bench->does('reading_withdrawn', ['reading' => 'r1', 'step' => 'snug_large:a2:1']);
        $typed('r2', '222 lbf·ft');
        $bench->does('reading_withdrawn', ['reading' => 'r2', 'step' => 'snug_large:a2:1']);
        $bench->does('reading_withdrawn', ['reading' => 'r2', 'step' => 'snug_large:a2:1', 'second_person' => 'ann']);
        $bench->does('reading_withdrawn', ['reading' => 'r2', 'step' => 'snug_large:a2:1', 'second_person' => 'bo']);
        $typed('r3', '22 lbf·ft', 'tool');
        $bench->does('reading_withdrawn', ['reading' => 'r3', 'step' => 'snug_large:a2:1', 'second_person' => 'bo']);
        $typed('r3', '22 lbf·ft', step: 'snug_large:b2:1');
        $typed('r4', '22 lbf·ft');

        return self::toTheEnd($bench);
    }

    private static function gaveWayRepaired(): Bench
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', '22 lbf·ft');
        $bench->does('gave_way', ['id' => 'g', 'step' => 'snug_large:b2:1']);
        $bench->does('disposed', ['step' => 'snug_large:b2:1', 'disposition' => 'rework'], 'lead');
        $bench->does('loosened', ['positions' => ['b2']]);
        $bench->does('fastener_replaced', ['position' => 'b2', 'lot' => 'L7']);
        $bench->does('thread_repaired', ['position' => 'b2', 'kind' => 'insert']);
        $bench->reads('snug_large:b2:1', '22 lbf·ft');
        $bench->does('repair_accepted', ['position' => 'b2'], 'lead');

        return self::toTheEnd($bench);
    }

    private static function gaveWayPutOff(): Bench
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->does('gave_way', ['id' => 'g', 'step' => 'snug_large:a2:1']);
        $bench->does('deferred', ['steps' => ['snug_large:a2:1'], 'reason' => 'insert ordered']);
        $bench->reads('snug_large:b2:1', '22 lbf·ft');
        $bench->does('run_finished');

        return self::toTheEnd($bench);
    }

    private static function rodMoved(): Bench
    {
        $bench = (new Bench('02-rods-part-by-part'))->round('first', 'slack', 'second', 'turn');
        $bench->does('part_moved', ['part' => 'rod2']);
        $bench->does('disposed', ['step' => $bench->state()->faults[0]->step, 'disposition' => 'replace'], 'lead');

        return self::toTheEnd($bench);
    }

    private static function usedAsItIs(): Bench
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', '30 lbf·ft');
        $bench->does('disposed', ['step' => 'snug_large:a2:1', 'disposition' => 'use_as_is']);
        $bench->does('disposed', ['step' => 'snug_large:a2:1', 'disposition' => 'use_as_is'], 'lead');

        return self::toTheEnd($bench);
    }

    private static function loosenedTwiceUsed(): Bench
    {
        $bench = (new Bench('05-flywheel-verified', fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['cycles' => 1]]])))->round('r1', 'r2', 'r3');
        $bench->does('loosened', ['positions' => ['f1']]);

        return self::toTheEnd($bench);
    }

    private static function verificationMoved(): Bench
    {
        $bench = (new Bench('05-flywheel-verified'))->round('r1', 'r2', 'r3');
        foreach ($bench->fold->plan->steps as $i => $step) {
            $step->kind->value === 'verification_pass' && $bench->moved($step->id, $i % 3 === 0);
        }

        return self::toTheEnd($bench);
    }

    private static function boltChecked(): Bench
    {
        $bench = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        $bench->reads('full:a:1', '50 lbf·ft', ['0.0052 in']);
        $bench->does('loosened', ['positions' => ['a']]);
        $bench->does('fastener_checked', ['position' => 'a', 'passes' => false]);
        $bench->does('fastener_replaced', ['position' => 'a', 'lot' => 'L7']);
        $bench->round('half');
        $bench->reads('full:a:1', '50 lbf·ft', ['0.0060 in']);

        return self::toTheEnd($bench);
    }

    private static function putOffAndTakenUp(): Bench
    {
        $bench = new Bench('13-prevailing-added');
        $bench->does('deferred', ['steps' => ['run_down:n1:1'], 'reason' => 'nut missing']);
        $bench->reads('full:n2:1', '18 lbf·ft');
        $bench->reads('run_down:n2:1', '3 lbf·ft');
        $bench->reads('full:n2:1', '18 lbf·ft');
        $bench->does('run_finished');
        $bench->does('deferred_work_done', ['steps' => ['full:n2:1']]);

        return self::toTheEnd($bench);
    }

    private static function checkFailedAnsweredAgain(): Bench
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug');
        $bench->answers('align:joint:1', false);
        $bench->reads('snug_thrust:i2l:1', '15 lbf·ft');
        $bench->answers('align:joint:1', true);

        return self::toTheEnd($bench);
    }

    private static function interruptedInMidAngle(): Bench
    {
        $bench = (new Bench('01-main-caps-thrust-held-back', fn (array $d): array => array_replace_recursive($d, ['stages' => [3 => ['motion' => 'may_ratchet']]])))->round('snug', 'align', 'snug_thrust');
        $bench->strokes('turn:i2l:1', '35°');
        $bench->does('interrupted', ['step' => 'turn:i2l:1']);
        $bench->strokes('turn:i2l:1', '43°');
        $bench->strokes((string) $bench->next(), '99°');

        return self::toTheEnd($bench);
    }

    private static function headOpenedAgain(): Bench
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2', 's3')->wait(700)->round('s4', 's5', 's6');
        $bench->does('loosened', ['positions' => ['a2']]);
        $bench->does('restarted', ['scope' => 'joint', 'key' => 'head']);
        $bench->does('restarted', ['scope' => 'part', 'key' => 'sump']);

        return self::toTheEnd($bench);
    }

    /** In the middle of an angle; what is pulled after it, and a second word, move nothing. */
    private static function openedAgain(): Bench
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');
        $bench->strokes('turn_large:a2:1', '150°');
        $bench->does('joint_opened', ['reason' => 'The value was wrong', 'device' => null], 'lead');
        $bench->strokes('turn_large:b2:1', '150°');
        $bench->does('joint_opened', ['reason' => 'Once more', 'device' => null], 'lead');

        return $bench;
    }

    private static function wrenchDroppedDidAnother(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'dropped_wrench', 'at' => 's1:b2:1']);
        $bench->does('fault_reported', ['fault' => 'did_another', 'at' => 's1:a1:1']);
        $bench->does('fault_reported', ['fault' => 'clicked_without_moving', 'at' => 's1:a2:1']);

        return self::toTheEnd($bench);
    }

    private static function comparatorZeroedOnce(): Bench
    {
        $bench = new Bench('09-rod-stretch-comparator');
        $first = (string) array_key_first($bench->fold->plan->positions);
        $bench->does('zeroed', ['position' => $first]);
        $bench->does('loosened', ['positions' => [$first]]);
        $bench->does('marked', ['positions' => [$first], 'mark' => 'first']);

        return self::toTheEnd($bench);
    }

    private static function lockerTooLate(): Bench
    {
        $bench = new Bench('18-locker-in-time');
        $agent = $bench->fold->plan->agents[0];
        $bench->does('agent_applied', ['agent' => $agent->key, 'positions' => array_map(strval(...), array_keys($bench->fold->plan->positions)), 'lot' => 'L3']);
        (new Hand($bench))->follow($bench->advice()->nextActions()[0]);
        $bench->wait(3600);
        (new Hand($bench))->follow($bench->advice()->nextActions()[0]);
        $bench->readsByAnotherClock((string) $bench->next(), '15 lbf·ft');

        return self::toTheEnd($bench);
    }

    private static function pairsMarkedAsTheyGo(): Bench
    {
        $bench = new Bench('19-pairs-marked-one-by-one');
        foreach (array_slice($bench->fold->plan->steps, 0, 4) as $step) {
            (new Hand($bench))->step($step);
            $bench->does('marked', ['positions' => [$step->position], 'mark' => 'first']);
        }

        return self::toTheEnd($bench);
    }

    private static function afterTheEnd(): Bench
    {
        $bench = self::toTheEnd(new Bench('07-pump-each-its-own'));
        $bench->reads($bench->fold->plan->steps[0]->id, '15 lbf·ft');
        $bench->does('loosened', ['positions' => [(string) array_key_first($bench->fold->plan->positions)]]);
        $bench->takenOver('bo', 'bench2');

        return $bench;
    }

    /** What a bench can see and no rule of today's asks about: it is kept, and comes to facts. */
    private static function whatElseHappens(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        foreach ([
            'cleaned' => ['positions' => ['a2', 'b2']], 'fasteners_fitted' => ['positions' => ['a2', 'b2'], 'lot' => 'L1', 'set' => 'real'], 'identity_read' => ['step' => 's1:a2:1', 'reads' => '10.9'],
            'aid_fitted' => ['aid' => 'locking_pin', 'at' => 'joint'], 'shaft_turned' => [], 'aid_removed' => ['aid' => 'locking_pin', 'at' => 'joint'],
            'second_person_joined' => ['second_person' => 'bo'], 'second_person_left' => [], 'locked' => [], 'resumed' => ['after_idle' => true], 'parked' => ['reason' => 'no studs'],
            'gasket_replaced' => ['gasket' => 'head'], 'final_look' => ['differ' => ['a2']], 'second_look' => ['steps' => ['s1:a2:1'], 'finds' => 'as_recorded'],
            'transcript_compared' => ['readings' => ['e1']], 'reading_placed' => ['reading' => 'e1', 'step' => 's1:a2:1'], 'reading_dismissed' => ['reading' => 'e1'],
        ] as $type => $content) {
            $bench->does($type, $content);
        }
        $bench->does('reading_taken', ['step' => 's1:a2:1', 'value' => '40 lbf·ft', 'tool' => 'W1', 'raw' => '40', 'adapter' => 'A1', 'source' => 'transcribed', 'card' => 'C1', 'reaction' => 'b2']);

        return self::toTheEnd($bench);
    }
}
