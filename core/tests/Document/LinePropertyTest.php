<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\LineReader;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Expander;

/** Lines made up at random, by seed: what is typed, grown into stages and written out again, is what was typed. */
final class LinePropertyTest extends TestCase
{
    private const GROUPS = ['in' => 'inner', 'out' => 'outer'];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 80) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_line_that_was_typed_is_the_line_of_the_procedure(int $seed): void
    {
        $line = self::line(new Randomizer(new Xoshiro256StarStar($seed)));

        self::assertSame($line, self::plain(self::revision($line)->tighteningLine()->typeset()));
    }

    #[DataProvider('seeds')]
    public function test_the_line_of_a_procedure_typed_again_gives_the_same_plan(int $seed): void
    {
        $first = self::revision(self::line(new Randomizer(new Xoshiro256StarStar($seed))));
        $again = self::revision(self::plain($first->tighteningLine()->typeset()));

        self::assertSame(Expander::expand($first)->hash(), Expander::expand($again)->hash());
    }

    #[DataProvider('seeds')]
    public function test_every_position_that_a_round_speaks_of_has_a_step_of_it(int $seed): void
    {
        $revision = self::revision(self::line(new Randomizer(new Xoshiro256StarStar($seed))));
        $steps = [];
        foreach (Expander::expand($revision)->steps as $step) {
            $steps[$step->stage][] = $step->position;
        }
        foreach ($revision->stages() as $stage) {
            self::assertSame($stage->sequence, $steps[$stage->key()], $stage->key());
            self::assertSame($steps[$stage->key()], array_unique($steps[$stage->key()]), 'each once');
        }
    }

    /** A seat, torques that rise, turns counted from them; by group with different values, or one value for all. */
    private static function line(Randomizer $random): string
    {
        $unit = ['N·m', 'lbf·ft'][$random->getInt(0, 1)];
        $torque = $random->getInt(8, 15);
        $rounds = $random->getInt(0, 1) === 1 ? ['seat'] : [];
        for ($i = $random->getInt(1, 3); $i > 0; $i--) {
            $torque += $random->getInt(2, 9);
            $rounds[] = $random->getInt(0, 2) > 0 ? "$torque $unit" : sprintf('%d %s inner / %d %s outer', $torque, $unit, $torque - 1, $unit);
        }
        // A turn of both counts from one torque only where both have the same.
        $same = ! str_contains((string) end($rounds), '/');
        for ($i = $random->getInt(0, 2); $i > 0; $i--) {
            $angle = $random->getInt(20, 90);
            $rounds[] = match ($same ? $random->getInt(0, 2) : 2) {
                0 => "+{$angle}°",
                1 => sprintf('+%d° inner / +%d° outer', $angle, $angle + 1),
                default => sprintf('+%d° %s', $angle, self::GROUPS[['in', 'out'][$random->getInt(0, 1)]]),
            };
        }

        return implode(' · ', $rounds);
    }

    private static function revision(string $line): Revision
    {
        ['stages' => $stages] = LineReader::read($line, self::GROUPS);
        $position = fn (string $key, int $i, string $group): array => ['key' => $key, 'number' => (string) ($i + 1), 'x' => (string) (20 + 30 * $i), 'y' => '20', 'group' => $group, 'part' => 'p'];

        return DocumentReader::read([
            'format' => Revision::FORMAT, 'family' => 'f', 'joint' => 'j', 'option' => 'o', 'risk_class' => 'B',
            'map' => [
                'width' => '200', 'height' => '40', 'front' => 'left', 'parts' => [['key' => 'p', 'name' => 'p', 'shape' => 'box', 'x' => '0', 'y' => '0', 'width' => '200', 'height' => '40']],
                'positions' => [$position('b', 0, 'in'), $position('c', 1, 'in'), $position('a', 2, 'out'), $position('d', 3, 'out')],
            ],
            'fasteners' => [['key' => 'x', 'name' => 'x', 'reuse' => 'free']],
            'groups' => array_map(fn (string $key, string $name): array => ['key' => $key, 'name' => $name, 'fastener' => 'x'], array_keys(self::GROUPS), self::GROUPS),
            'surfaces' => [['surface' => 'threads', 'condition' => 'dry']],
            'sources' => [['key' => 's', 'kind' => 'engine_maker', 'title' => 't', 'edition' => 'e', 'date' => 'd', 'page' => '1']],
            'sequences' => [['key' => 'order', 'order' => ['b', 'c', 'a', 'd']]],
            'stages' => array_map(fn (array $stage): array => $stage + ['sequence' => 'order', 'why' => 'w'], array_map(self::cited(...), $stages)),
        ]);
    }

    /**
     * @param  array<string, mixed>  $stage
     * @return array<string, mixed>
     */
    private static function cited(array $stage): array
    {
        if (is_array($stage['targets'] ?? null)) {
            $stage['targets'] = array_map(fn (array $target): array => $target + ['tolerance' => '5 %', 'target_source' => 's', 'window_source' => 's'], $stage['targets']);
        }

        return $stage;
    }

    private static function plain(string $line): string
    {
        return str_replace("\u{A0}", ' ', $line);
    }
}
