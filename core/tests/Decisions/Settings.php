<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use Tekkal\Core\Tests\Fixtures\Bench;

/** The lives in which what a wrench is set to is attested or moves. */
final class Settings
{
    /** @return array<string, callable(): Bench> by name */
    public static function all(): array
    {
        return [
            'round-attested-as-counted' => self::roundAttestedAsCounted(...),
            'round-miscounted' => self::roundMiscounted(...),
            'setting-moved' => self::settingMoved(...),
        ];
    }

    private static function setForARound(): Bench
    {
        $bench = new Bench('04-head-two-sizes', fn (array $d): array => array_replace_recursive($d, ['stages' => [['evidence' => 'as_round'], 2 => ['evidence' => 'one_by_one']]]));
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '22 lbf·ft']);

        return $bench;
    }

    private static function roundAttestedAsCounted(): Bench
    {
        $bench = self::setForARound();
        $bench->does('round_attested', ['id' => 'round', 'stage' => 'snug_large', 'tool' => 'W1', 'marks' => count($bench->fold->steps->stepsOf('snug_large'))]);
        $bench->round('turn_large');
        $bench->does('click_attested', ['id' => 'click', 'step' => (string) $bench->next(), 'tool' => 'W1']);

        return Errands::toTheEnd($bench);
    }

    private static function roundMiscounted(): Bench
    {
        $bench = self::setForARound();
        $bench->does('round_attested', ['id' => 'round', 'stage' => 'snug_large', 'tool' => 'W1', 'marks' => 99]);
        $bench->does('tool_set', ['tool' => 'W2', 'shows' => '99 lbf·ft']);
        $bench->does('click_attested', ['id' => 'click', 'step' => (string) $bench->next(), 'tool' => 'W2']);

        return Errands::toTheEnd($bench);
    }

    private static function settingMoved(): Bench
    {
        $bench = new Bench('05-flywheel-verified', fn (array $d): array => array_replace_recursive($d, ['stages' => [['evidence' => 'one_by_one']]]));
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30 lbf·ft']);
        foreach ($bench->fold->steps->stepsOf('r1') as $step) {
            $bench->does('click_attested', ['step' => $step->id, 'tool' => 'W1']);
        }
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W2']);
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '26 lbf·ft', 'when' => 'after']);
        $bench->does('disposed', ['step' => $bench->state()->faults[0]->step, 'disposition' => 'rework'], 'lead');

        return Errands::toTheEnd($bench);
    }
}
