<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Hand;

/** Errands in which something goes wrong that the rules learned of with their third version or later. */
final class Mishaps
{
    /** @return array<string, callable(): Bench> by name */
    public static function all(): array
    {
        return [
            'worked-on-paper' => self::workedOnPaper(...),
            'traced-to-the-rod-before' => self::tracedToTheRodBefore(...),
            'stamped-another' => self::stampedAnother(...),
            'between-two-limits' => self::betweenTwoLimits(...),
            'crow-foot-setting-moved' => self::crowFootSettingMoved(...),
            'plugs-forgotten-seen-by-another' => self::plugsForgottenSeenByAnother(...),
            'first-measured-then-torque' => self::firstMeasuredThenTorque(...),
            'far-over-bolt-out' => self::farOverBoltOut(...),
            'wrong-lubricant-cleaned-coated' => self::wrongLubricantCleanedCoated(...),
            'pulled-while-another-stood' => self::pulledWhileAnotherStood(...),
            'late-pull-on-a-round-that-is-done' => self::latePullOnARoundThatIsDone(...),
            'loosened-from-the-middle' => self::loosenedFromTheMiddle(...),
            'check-reopened-by-loosening' => self::checkReopenedByLoosening(...),
            'each-fault-reported' => self::eachFaultReported(...),
            'head-differs-at-the-end' => self::headDiffersAtTheEnd(...),
        ];
    }

    private static function headDiffersAtTheEnd(): Bench
    {
        $bench = new Bench('13-prevailing-added');
        $hand = new Hand($bench);
        while ($bench->ways() !== ['final_look']) {
            $hand->follow($bench->advice()->nextActions()[0]);
        }
        $bench->does('final_look', ['differ' => ['n2']]);

        return Errands::toTheEnd($bench);
    }

    private static function farOverBoltOut(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '400 lbf·ft');
        $bench->does('loosened', ['positions' => ['a2']]);
        $bench->does('inspected', ['at' => 'a2', 'finds' => 'damaged']);

        return Errands::toTheEnd($bench);
    }

    private static function wrongLubricantCleanedCoated(): Bench
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');
        $bench->does('fault_reported', ['fault' => 'wrong_lubricant', 'at' => 'snug_large:a2:1']);

        return Errands::toTheEnd($bench);
    }

    private static function pulledWhileAnotherStood(): Bench
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '50 lbf·ft');
        $bench->reads('s1:b2:1', '50 lbf·ft');
        $bench->reads('s1:a1:1', '50 lbf·ft');
        $bench->does('loosened', ['positions' => ['a2']]);
        $bench->reads('s1:a2:1', '40 lbf·ft');

        return Errands::toTheEnd($bench);
    }

    private static function latePullOnARoundThatIsDone(): Bench
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        $bench->takenOver('bo', 'bench2');
        $bench->reads('s1:b2:1', '38 lbf·ft');
        $bench->takenOver('ann', 'bench1');

        return Errands::toTheEnd($bench);
    }

    private static function loosenedFromTheMiddle(): Bench
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2');
        $bench->does('loosened', ['positions' => array_keys($bench->fold->plan->positions)]);

        return Errands::toTheEnd($bench);
    }

    private static function checkReopenedByLoosening(): Bench
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug', 'align', 'snug_thrust');
        $bench->does('loosened', ['positions' => ['i3l']]);

        return Errands::toTheEnd($bench);
    }

    private static function eachFaultReported(): Bench
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        foreach (Fault::cases() as $fault) {
            $bench->does('fault_reported', ['fault' => $fault->value, 'at' => 's1:a1:1']);
        }
        $bench->does('inspected', ['at' => 's1:a1:1', 'work' => 'adjusted']);

        return Errands::toTheEnd($bench);
    }

    private static function tracedToTheRodBefore(): Bench
    {
        $bench = self::until(new Bench('22-rods-stamped-and-traced'), 'free:rod2:1');
        $bench->answers('free:rod2:1', false);
        $bench->does('loosened', ['positions' => ['r2b', 'r2a']]);
        $bench->answers('free:rod2:1', false);
        $bench->does('loosened', ['positions' => ['r1b', 'r1a']]);
        $bench->answers('free:rod2:1', true);
        $bench->does('shaft_turned');
        $bench->does('aid_fitted', ['aid' => 'bar', 'at' => 'joint']);
        $bench->does('shaft_turned');

        return Errands::toTheEnd($bench);
    }

    private static function stampedAnother(): Bench
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        $bench->does('identity_read', ['step' => 'caps_read:rod1:1', 'reads' => '1']);
        $bench->does('identity_read', ['step' => 'rods_read:rod1:1', 'reads' => '1']);
        $bench->does('identity_read', ['step' => 'caps_read:rod1:1', 'reads' => '2']);
        $bench->does('inspected', ['at' => 'caps_read:rod1:1', 'work' => 'exchanged']);
        $bench->does('identity_read', ['step' => 'caps_read:rod1:1', 'reads' => ' 1']);

        return Errands::toTheEnd($bench);
    }

    private static function betweenTwoLimits(): Bench
    {
        $bench = self::until(new Bench('22-rods-stamped-and-traced'), 'feel:joint:1');
        $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'tight spot']);
        $bench->does('inspected', ['at' => 'feel:joint:1', 'work' => 'adjusted']);
        $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'as before']);
        $bench->reads('play:joint:1', '0.28 mm');
        $bench->does('disposed', ['step' => 'play:joint:1', 'disposition' => 'use_as_is'], 'lead');

        return Errands::toTheEnd($bench);
    }

    private static function crowFootSettingMoved(): Bench
    {
        $bench = self::until(new Bench('23-pump-by-crow-foot'), 'half:p1:1');
        $bench->reads('half:p1:1', '20 N·m');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '20 N·m']);
        $bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1']);
        $bench->does('loosened', ['positions' => ['p4']]);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '17.8 N·m', 'adapter' => 'A1', 'when' => 'before']);
        $bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '16.5 N·m', 'adapter' => 'A1', 'when' => 'after']);
        $bench->does('loosened', ['positions' => ['p4']]);
        $bench->does('reading_taken', ['step' => 'half:p4:1', 'value' => '17.8 N·m', 'tool' => 'W2', 'adapter' => 'A1', 'reaction' => 'p1']);
        $bench->does('inspected', ['at' => 'p1', 'finds' => 'sound']);

        return Errands::toTheEnd($bench);
    }

    private static function plugsForgottenSeenByAnother(): Bench
    {
        $bench = self::until(new Bench('23-pump-by-crow-foot'), 'ports:joint:1');
        $steps = array_map(fn (Step $s): string => $s->id, $bench->fold->steps->stepsOf('full'));
        $bench->does('second_look', ['steps' => $steps, 'finds' => 'as_recorded']);
        $bench->does('second_look', ['steps' => array_slice($steps, 0, 1), 'finds' => 'differs'], 'cy');
        $bench->does('marked', ['positions' => ['p1'], 'mark' => 'full']);
        $bench->answers('ports:joint:1', true);

        return Errands::toTheEnd($bench);
    }

    private static function firstMeasuredThenTorque(): Bench
    {
        $bench = self::until(new Bench('24-studs-first-by-stretch'), 'load:m2l:1');
        $bench->reads('load:m2l:1', '65 N·m');
        foreach (['m2l', 'm2r'] as $stud) {
            $bench->does('zeroed', ['position' => $stud]);
            $bench->reads("load:$stud:1", '0.20 mm');
        }
        $bench->reads('load:m1l:1', '65 N·m');
        $bench->reads('load:m1r:1', '60 N·m');

        return Errands::toTheEnd($bench);
    }

    /** As it should be, as far as a step. */
    private static function until(Bench $bench, string $step): Bench
    {
        $hand = new Hand($bench);
        for ($i = 0; $i < 200 && $bench->next() !== $step; $i++) {
            $hand->follow($bench->advice()->nextActions()[0]);
        }

        return $bench;
    }

    /** The first round was pulled live, the second stands on a card, of which one value was short; the rest is live again. */
    private static function workedOnPaper(): Bench
    {
        $bench = (new Bench('18-locker-in-time'))->round('fingers');
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['a', 'b', 'c', 'd'], 'lot' => 'L1']);
        $bench->does('paper_ended');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->does('paper_begun', ['card' => 'C-0008']);
        $bench->round('run_down');
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);
        $bench->reads('full:a:1', '7 N·m');
        $bench->does('backed_off', ['step' => 'full:a:1']);
        $bench->does('cleaned', ['positions' => ['a']]);
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['a'], 'lot' => 'L1']);
        $bench->does('paper_ended');
        $bench->compares('ann');
        $bench->compares();

        return Errands::toTheEnd($bench);
    }
}
