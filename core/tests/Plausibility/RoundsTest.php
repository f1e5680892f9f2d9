<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plausibility;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plausibility\Challenge;
use Tekkal\Core\Plausibility\ChallengeKind;
use Tekkal\Core\Plausibility\Plausibility;
use Tekkal\Core\Sequence\Arrangement;
use Tekkal\Core\Sequence\Plane;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Unit\Length;

/** A document that makes no sense is challenged: facts of the trade (common practice, no source). */
final class RoundsTest extends TestCase
{
    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('senseless')]
    public function test_what_a_good_foreman_would_ask_about_is_asked(string $example, callable $change, ChallengeKind $kind, string $says): void
    {
        $document = $change(Bench::document($example));
        $challenges = Plausibility::of(DocumentReader::read($document), $document);
        $of = array_values(array_filter($challenges, fn (Challenge $c): bool => $c->kind === $kind));

        self::assertCount(1, $of, implode(' | ', array_map(fn (Challenge $c): string => "{$c->kind->value} $c->sentence", $challenges)));
        self::assertStringContainsString($says, str_replace("\u{A0}", ' ', $of[0]->sentence));
    }

    /** @return iterable<string, array{string, callable(array<string, mixed>): array<string, mixed>, ChallengeKind, string}> */
    public static function senseless(): iterable
    {
        $with = fn (array $change): callable => fn (array $d): array => array_replace_recursive($d, $change);
        $more = fn (array ...$stages): callable => fn (array $d): array => array_replace($d, ['stages' => [...$d['stages'], ...$stages]]);
        $torque = fn (string $key, string $target): array => ['key' => $key, 'kind' => 'torque', 'targets' => [['group' => 'large', 'target' => $target, 'window_standard' => 't', 'target_source' => 'cp']], 'why' => 'It is said so.'];
        yield 'a threshold above what came before' => ['04-head-two-sizes', $with(['stages' => [1 => ['threshold' => '30 lbf·ft']]]), ChallengeKind::ThresholdNotReached, 'The angle counts from 30 lbf·ft, and the round before goes to 22 lbf·ft only'];
        yield 'a torque after the angle' => ['04-head-two-sizes', $more($torque('again', '90 lbf·ft')), ChallengeKind::TorqueAfterAngle, '90 lbf·ft after an angle round'];
        yield 'a last round lower than the one before it' => ['12-head-nine-stages', $with(['stages' => [7 => ['targets' => [['target' => '30 lbf·ft']]]]]), ChallengeKind::LastRoundLower, 'The last round goes to 30 lbf·ft'];
        yield 'no loading round' => ['04-head-two-sizes', $with(['stages' => [1 => ['loading' => false]]]), ChallengeKind::NoLoadingStage, 'no round is the loading one'];
        yield 'a decided figure that is not the one used' => ['16-sources-at-odds-size-missing', $with(['stages' => [1 => ['targets' => [['target' => '24 N·m']]]]]), ChallengeKind::DecidedOtherwise, '22 N·m was decided, and the round has 24 N·m'];
        yield 'a word for a round without a mark' => ['04-head-two-sizes', $with(['stages' => [['evidence' => 'as_round']]]), ChallengeKind::RoundUnmarked, 'nobody knows which have had it'];
        yield 'a whole circle in neighbour order' => ['05-flywheel-verified', fn (array $d): array => self::around($d), ChallengeKind::OrderWarps, 'Each is followed by its neighbour'];
        yield 'an order that begins at the end of a head' => ['04-head-two-sizes', fn (array $d): array => self::ordered($d, reverse: true), ChallengeKind::OrderWarps, 'It is tightened from an end'];
        yield 'loosening from the middle' => ['04-head-two-sizes', fn (array $d): array => self::loosened($d), ChallengeKind::OrderWarps, 'It is loosened from the middle outwards'];
        yield 'a window typed by hand in the name of a standard' => ['04-head-two-sizes', function (array $d): array {
            $d['stages'][0]['targets'][0] = array_diff_key($d['stages'][0]['targets'][0], ['window_standard' => 0]) + ['low' => '20 lbf·ft', 'high' => '24 lbf·ft', 'window_source' => 'ord'];

            return $d;
        }, ChallengeKind::TypedWindow, 'says how far from a target and not from where to where'];
        yield 'a part drawn over the edge of its map' => ['04-head-two-sizes', $with(['map' => ['width' => '180']]), ChallengeKind::OverOutline, 'Drawn over the edge of its map (180 × 100 mm): head'];
        yield 'a head drawn over it' => ['04-head-two-sizes', $with(['map' => ['positions' => [['x' => '6']]], 'fasteners' => [['across_flats' => '16 mm']]]), ChallengeKind::OverOutline, ': no. 5.'];
        yield 'a hole wider than what is to bear on it' => ['04-head-two-sizes', $with(['fasteners' => [['geometry' => ['bearing_diameter' => '11 mm', 'hole_diameter' => '12 mm']]]]), ChallengeKind::HoleTooLarge, 'does not bear on a hole'];
    }

    /**
     * "78 lbf·in" is some 9 N·m, which suits an M6 of 10.9; 78 lbf·ft breaks it, and 0.78 lbf·in is nothing.
     */
    #[DataProvider('slipsOnM6')]
    public function test_a_slip_on_a_small_bolt_is_asked_about_in_either_direction(string $printed, ?ChallengeKind $kind): void
    {
        $document = Bench::document('07-pump-each-its-own');
        $document['fasteners'][0] = ['thread' => 'M6', 'strength' => '10.9'] + $document['fasteners'][0];
        $document['surfaces'] = [['surface' => 'threads', 'condition' => 'engine oil']];
        foreach (array_keys($document['stages'][1]['targets']) as $i) {
            $document['stages'][1]['targets'][$i]['target'] = $printed;
        }
        $kinds = array_values(array_unique(array_map(fn (Challenge $c): string => $c->kind->value, array_filter(Plausibility::of(DocumentReader::read($document), $document), fn (Challenge $c): bool => $c->kind !== ChallengeKind::UnitsAtOdds))));

        self::assertSame($kind === null ? [] : [$kind->value], $kinds);
    }

    /** @return iterable<string, array{string, ChallengeKind|null}> */
    public static function slipsOnM6(): iterable
    {
        yield 'as it is meant' => ['78 lbf·in', null];
        yield 'in the wrong unit' => ['78 lbf·ft', ChallengeKind::UnitSlip];
        yield 'by two places too small' => ['0.78 lbf·in', ChallengeKind::DecimalSlip];
        yield 'so small that no slip explains it' => ['0.01 lbf·in', ChallengeKind::TooLow];
    }

    public function test_a_lower_torque_after_a_loosening_is_the_rule_of_some_makers(): void
    {
        $document = Bench::document('02-rods-part-by-part');

        self::assertSame([], Plausibility::of(DocumentReader::read($document), $document), '30 N·m, slackened, 20 N·m');
    }

    public function test_no_procedure_that_ships_makes_no_sense(): void
    {
        $doubted = [];
        foreach (Procedures::all() as $name => $document) {
            foreach (Plausibility::of(DocumentReader::read($document), $document) as $challenge) {
                $doubted[$name][] = $challenge->kind->value;
            }
        }
        unset($doubted['16-sources-at-odds-size-missing']);

        self::assertSame([], $doubted);
    }

    /** @param  list<Position>  $positions */
    #[DataProvider('layouts')]
    public function test_nothing_is_proposed_that_the_judge_faults(array $positions): void
    {
        $judge = new SequenceJudge($positions);
        $proposals = SequenceGenerator::proposals($positions);

        self::assertNotSame([], $proposals);
        foreach ($proposals as [$pattern, $order]) {
            self::assertSame([], $judge->judge($order)->faults(), $pattern->value);
        }
    }

    /** @return iterable<string, array{list<Position>}> */
    public static function layouts(): iterable
    {
        $at = fn (int $i, float $x, float $y): Position => new Position("f$i", (string) $i, Length::millimetres(sprintf('%.3F', $x)), Length::millimetres(sprintf('%.3F', $y)), 'g', "p$i");
        foreach ([4, 5, 6, 8, 12, 24] as $n) {
            yield "$n on a circle" => [array_map(fn (int $i): Position => $at($i, 200 + 100 * sin(2 * M_PI * $i / $n), 200 - 100 * cos(2 * M_PI * $i / $n)), range(1, $n))];
        }
        foreach ([2, 4, 5] as $columns) {
            yield "two rows of $columns" => [array_map(fn (int $i): Position => $at($i, 50.0 * intdiv($i - 1, 2), 100.0 * ($i % 2)), range(1, 2 * $columns))];
        }
    }

    public function test_two_rows_that_lie_farther_apart_than_they_are_long_are_still_two_rows(): void
    {
        $positions = array_map(fn (int $i): Position => new Position("f$i", (string) $i, Length::millimetres((string) (40 * intdiv($i - 1, 2))), Length::millimetres((string) (300 * ($i % 2))), 'g', 'p'), range(1, 8));

        self::assertSame([Arrangement::Rows, 2], [Arrangement::of($positions), count((new Plane($positions))->rows())]);
        self::assertSame([['f2', 'f4', 'f6', 'f8'], ['f1', 'f3', 'f5', 'f7']], (new Plane($positions))->rows());
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function ordered(array $document, bool $reverse): array
    {
        $order = $document['sequences'][0]['order'];
        usort($order, fn (string $a, string $b): int => ($reverse ? -1 : 1) * (self::x($document, $a) <=> self::x($document, $b)));
        $document['sequences'][0]['order'] = $order;

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function around(array $document): array
    {
        foreach ($document['stages'] as $i => $stage) {
            unset($document['stages'][$i]['sequence']);
        }
        $document['stages'][0]['sequence'] = array_map(fn (array $p): string => $p['key'], $document['map']['positions']);

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function loosened(array $document): array
    {
        $order = $document['sequences'][0]['order'];
        $again = ['key' => 'snug2'] + $document['stages'][0];
        array_splice($document['stages'], 1, 0, [['key' => 'off', 'kind' => 'loosen', 'groups' => ['large'], 'sequence' => $order, 'why' => 'It is said so.'], $again]);

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    private static function x(array $document, string $key): float
    {
        foreach ($document['map']['positions'] as $position) {
            if ($position['key'] === $key) {
                return (float) $position['x'];
            }
        }

        return 0.0;
    }
}
