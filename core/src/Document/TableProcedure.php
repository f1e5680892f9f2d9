<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\MapGenerator;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Unit\Length;

/**
 * The procedure that a row of an approved general table comes to at one joint: so many bolts of one kind, one round crosswise
 * or centre-out, risk class C. Nobody signs it by itself: it says nothing that the table does not.
 */
final readonly class TableProcedure
{
    /** Bolts of one joint; more are a joint that deserves a procedure of its own. */
    public const MOST_BOLTS = 40;

    public const LAYOUTS = ['row', 'two_rows', 'circle'];

    private const PITCH_MM = 40.0;

    private const EDGE_MM = 30.0;

    private const CIRCLE_LEAST_MM = 80.0;

    /**
     * @param  array{code: string, title: string, edition: string, date: string}  $table  the paper that the table stands in
     * @param  string  $condition  of the threads, as a document says it: dry, engine_oil
     * @param  string  $tolerance  to either side, as printed: "10 %"
     */
    public function __construct(private array $table, private string $condition, private string $tolerance)
    {
    }

    /** What this hardware is called at the joint. */
    public function option(GeneralValue $value, int $bolts): string
    {
        return sprintf('%d × %s, by %s', $bolts, $value->name(), $this->table['code']);
    }

    /**
     * @param  int  $bolts  2 to MOST_BOLTS
     * @param  string  $layout  one of LAYOUTS
     * @return array<string, mixed> a procedure document
     *
     * @throws TableException when there are too few bolts or too many, or the layout is none, or has too few for it
     */
    public function document(string $family, string $joint, GeneralValue $value, int $bolts, string $layout): array
    {
        self::check($bolts, $layout);
        $positions = self::positions($bolts, $layout);
        [$width, $height] = [self::furthest(array_column($positions, 'x')), self::furthest(array_column($positions, 'y'))];

        return [
            'format' => Revision::FORMAT, 'family' => $family, 'joint' => $joint, 'option' => $this->option($value, $bolts), 'risk_class' => 'C',
            'map' => [
                'width' => (string) $width, 'height' => (string) $height, 'front' => 'left',
                'parts' => [['key' => 'part', 'name' => lcfirst($joint), 'shape' => $layout === 'circle' ? 'round' : 'box', 'x' => '8', 'y' => '8', 'width' => (string) ($width - 16), 'height' => (string) ($height - 16)]],
                'positions' => $positions,
            ],
            'fasteners' => [['key' => 'bolt', 'name' => "$value->thread, class $value->strength", 'thread' => $value->thread, 'strength' => $value->strength, 'reuse' => Reuse::Free->value]],
            'groups' => [['key' => 'bolts', 'name' => 'bolts', 'fastener' => 'bolt']],
            'surfaces' => [['key' => 'threads', 'surface' => 'threads', 'condition' => $this->condition]],
            'sources' => [['key' => 'table', 'kind' => 'shop_standard', 'title' => $this->table['title'], 'edition' => $this->table['edition'], 'date' => $this->table['date'], 'page' => $value->name(), 'record' => $this->table['code']]],
            'window_standards' => [['key' => 'window', 'quantity' => 'torque', 'tolerance' => $this->tolerance, 'source' => 'table']],
            'stages' => [[
                'key' => 'final', 'kind' => StageKind::Torque->value, 'loading' => true,
                'targets' => [['group' => 'bolts', 'target' => $value->torque->typeset(), 'window_standard' => 'window', 'target_source' => 'table']],
                'sequence' => self::order($positions),
                'why' => 'A general value of the shop for small joints; no procedure is written for this one.',
            ]],
            'cautions' => ['Eye and hand protection: a bolt can snap, and the hand follows the bar. Pull, don’t push.'],
        ];
    }

    private static function check(int $bolts, string $layout): void
    {
        if (! in_array($layout, self::LAYOUTS, true)) {
            throw new TableException('Say how the bolts lie: in a row, in two rows, or in a circle.', 'layout', $layout, implode(', ', self::LAYOUTS));
        }
        $least = ['row' => 1, 'two_rows' => 4, 'circle' => 3][$layout];
        if ($bolts < $least || $bolts > self::MOST_BOLTS || ($layout === 'two_rows' && $bolts % 2 === 1)) {
            throw new TableException(sprintf('%d bolts cannot lie so: %s.', $bolts, $layout === 'two_rows' ? 'two rows have 4 to 40, an even number' : "$least to ".self::MOST_BOLTS), 'bolts', (string) $bolts, "$least to ".self::MOST_BOLTS);
        }
    }

    /** @return list<array{key: string, number: string, x: string, y: string, group: string, part: string}> */
    private static function positions(int $bolts, string $layout): array
    {
        $across = max(self::CIRCLE_LEAST_MM, $bolts * self::PITCH_MM / M_PI);
        $points = match ($layout) {
            'circle' => MapGenerator::circle($bolts, $across, self::EDGE_MM + $across / 2, self::EDGE_MM + $across / 2),
            'two_rows' => MapGenerator::rows(2, intdiv($bolts, 2), self::PITCH_MM, 2 * self::PITCH_MM, self::EDGE_MM, self::EDGE_MM),
            default => MapGenerator::rows(1, $bolts, self::PITCH_MM, self::PITCH_MM, self::EDGE_MM, self::EDGE_MM),
        };

        return array_map(fn (array $at, int $i): array => [
            'key' => 'b'.($i + 1), 'number' => (string) ($i + 1), 'x' => self::mm($at[0]), 'y' => self::mm($at[1]), 'group' => 'bolts', 'part' => 'part',
        ], $points, array_keys($points));
    }

    /**
     * @param  list<array{key: string, number: string, x: string, y: string, group: string, part: string}>  $positions
     * @return list<string> the first order that may be proposed for them; where none may, along the row
     */
    private static function order(array $positions): array
    {
        $all = array_map(fn (array $p): Position => new Position($p['key'], $p['number'], Length::millimetres($p['x']), Length::millimetres($p['y']), $p['group'], $p['part']), $positions);

        return SequenceGenerator::proposals($all)[0][1] ?? SequenceGenerator::generate(Pattern::Linear, $all);
    }

    /** @param  list<string>  $places */
    private static function furthest(array $places): int
    {
        return (int) ceil(max([0.0, ...array_map(floatval(...), $places)]) + self::EDGE_MM);
    }

    private static function mm(Length $length): string
    {
        return (string) round($length->inBase()->toFloat(), 1);
    }
}
