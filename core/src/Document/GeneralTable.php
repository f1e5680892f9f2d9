<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\CoreException;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Unit\Doubtful;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\NotUnderstood;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/**
 * A shop's torques for small joints that no procedure is written for: by thread, class of the bolt and what it is screwed
 * into. It is for joints of risk class C. Common practice, no source: what such a table holds is data of the shop.
 */
final readonly class GeneralTable
{
    public const MOST = 200;

    private const LONGEST_MATERIAL = 40;

    /** @param  non-empty-list<GeneralValue>  $values */
    private function __construct(public array $values)
    {
    }

    /**
     * @param  string  $text  a row to a line, its cells parted by semicolons or tabs: thread; class; material; torque with its unit
     *
     * @throws TableException when a row cannot be read, two are for the same bolt, or there is none
     */
    public static function read(string $text): self
    {
        $values = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $value = self::row($line, $i + 1);
            if (isset($values[$value->name()])) {
                throw new TableException(sprintf('Row %d: %s stands there twice.', $i + 1, $value->name()), 'rows', $value->name(), 'each bolt once');
            }
            $values[$value->name()] = $value;
        }

        return self::of(array_values($values));
    }

    /**
     * @param  list<GeneralValue>  $values
     *
     * @throws TableException when there are none, or too many
     */
    public static function of(array $values): self
    {
        return $values !== [] && count($values) <= self::MOST ? new self($values) : throw new TableException(
            $values === [] ? 'Write a row for each bolt: M8; 8.8; cast iron; 24 N·m.' : sprintf('A table has at most %d rows; these are %d.', self::MOST, count($values)), 'rows', (string) count($values), '1 to '.self::MOST,
        );
    }

    public function value(string $name): ?GeneralValue
    {
        foreach ($this->values as $value) {
            if ($value->name() === $name) {
                return $value;
            }
        }

        return null;
    }

    private static function row(string $line, int $number): GeneralValue
    {
        $cells = array_map(trim(...), explode(str_contains($line, "\t") ? "\t" : ';', $line));
        if (array_filter($cells, fn (string $cell): bool => ! PlainText::isLine($cell)) !== []) {
            throw new TableException(sprintf('Row %d: a control sign, a mark of direction or a sign that cannot be seen stands in it. Write it without.', $number), 'rows', '', 'signs that can be seen');
        }
        if (count($cells) !== 4) {
            throw new TableException(sprintf('Row %d has %d cells; four are wanted: thread; class; material; torque.', $number, count($cells)), 'rows', Letters::first($line, 60), 'thread; class; material; torque');
        }
        [$thread, $strength, $material, $torque] = $cells;
        try {
            $known = Thread::named($thread);

            return new GeneralValue($known->name, Strength::named($strength, $known)->name, self::material($material), self::torque($torque));
        } catch (CoreException $e) {
            throw new TableException("Row $number: ".$e->getMessage(), $e->what, $e->value, $e->limit);
        }
    }

    private static function material(string $material): string
    {
        return $material !== '' && Letters::count($material) <= self::LONGEST_MATERIAL ? strtolower($material) : throw new TableException(
            sprintf('Say what it is screwed into, in at most %d signs: cast iron.', self::LONGEST_MATERIAL), 'material', Letters::first($material, self::LONGEST_MATERIAL), 'cast iron',
        );
    }

    private static function torque(string $torque): Written
    {
        $parsed = QuantityParser::parse($torque, Kind::Torque);
        $why = match (true) {
            $parsed instanceof NotUnderstood => $parsed->sentence,
            $parsed instanceof Doubtful => rtrim($parsed->question, '?').'? Write it without a comma.',
            $parsed instanceof Understood && $parsed->value->quantity()->inBase()->isZero() => 'A torque above zero is wanted.',
            default => null,
        };

        return $why === null && $parsed instanceof Understood ? $parsed->value : throw new TableException((string) $why, 'torque', Letters::first($torque, 40), 'a torque with its unit');
    }
}
