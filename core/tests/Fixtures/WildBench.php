<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Document\Fault;

/** Somebody who does anything at any moment; drawn by seed, so that it can be repeated. */
final class WildBench
{
    public static function after(string $example, int $seed, int $events = 70): Bench
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $bench = new Bench($example);
        $hand = new Hand($bench);
        for ($i = 0; $i < $events && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->nextActions();
            $random->getInt(0, 9) < 6 && $ways[0]->do !== 'finish'
                ? $hand->follow($ways[$random->getInt(0, count($ways) - 1)])
                : self::whatever($bench, $random);
        }

        return $bench;
    }

    private static function whatever(Bench $bench, Randomizer $random): void
    {
        $steps = $bench->fold->plan->steps;
        $step = $steps[$random->getInt(0, count($steps) - 1)]->id;
        $positions = array_keys($bench->fold->plan->positions);
        $position = $positions[$random->getInt(0, count($positions) - 1)];
        $values = ['0.0060 in', '2.0055 in', '15 lbf·ft', '150°', '999 N·m', '0.1 N·m', '5 mm', '60 lbf·ft', '1°'];
        $value = $values[$random->getInt(0, count($values) - 1)];
        $faults = array_column(Fault::cases(), 'value');
        $id = ['id' => $bench->id()];
        match ($random->getInt(0, 21)) {
            0, 1, 2 => $bench->reads($step, $value, [$value, '0.0061 in']),
            3 => $bench->strokes($step, $value),
            4 => $bench->does('click_attested', ['step' => $step, 'tool' => 'W1']),
            5 => $bench->does('round_attested', ['stage' => explode(':', $step)[0], 'marks' => $random->getInt(0, 6)]),
            6 => $bench->answers($step, $random->getInt(0, 1) === 1),
            7 => $bench->moved($step, true),
            8 => $bench->does('gave_way', ['step' => $step]),
            9 => $bench->does('part_moved', ['part' => $bench->fold->plan->positions[$position]->part]),
            10 => $bench->does('loosened', ['positions' => [$position, 'nowhere']]),
            11 => $bench->does('loosened', ['positions' => [$position]]),
            12 => $bench->does('fastener_replaced', ['position' => $position, 'lot' => 'L']),
            13 => $bench->does('fault_reported', ['fault' => $faults[$random->getInt(0, count($faults) - 1)], 'at' => $step]),
            14 => $bench->does('disposed', ['step' => $step, 'disposition' => ['use_as_is', 'rework', 'replace', 'scrap'][$random->getInt(0, 3)]], 'lead'),
            15 => $bench->does('deferred', ['steps' => [$step], 'reason' => 'no part']),
            16 => $bench->does('deferred_work_done', ['steps' => [$step]]),
            17 => $bench->does('restarted', ['scope' => 'position', 'key' => $position]),
            18 => $bench->does('tool_set', ['tool' => 'W1', 'shows' => $value]),
            19 => $bench->does('reading_withdrawn', ['reading' => $bench->fold->state->live($step)?->id() ?? 'e0', 'step' => $step, 'second_person' => 'bo']),
            20 => $bench->does('thread_repaired', ['position' => $position, 'kind' => 'insert']),
            default => $bench->does('run_finished'),
        };
    }
}
