<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Errands in which something goes wrong that the table learned of with the third version of the rules. */
final class Mishaps
{
    /** @return array<string, callable(): Bench> by name */
    public static function all(): array
    {
        return [
            'far-over-bolt-out' => self::farOverBoltOut(...),
            'wrong-lubricant-cleaned-coated' => self::wrongLubricantCleanedCoated(...),
            'pulled-while-another-stood' => self::pulledWhileAnotherStood(...),
            'late-pull-on-a-round-that-is-done' => self::latePullOnARoundThatIsDone(...),
            'loosened-from-the-middle' => self::loosenedFromTheMiddle(...),
            'check-reopened-by-loosening' => self::checkReopenedByLoosening(...),
            'each-fault-reported' => self::eachFaultReported(...),
        ];
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
}
