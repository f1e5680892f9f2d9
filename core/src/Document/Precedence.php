<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * Whose figure counts where sources disagree (facts of the trade): the sheet of the hardware that is fitted overrides the
 * engine maker for that hardware, newer overrides older, and shop practice overrides neither.
 */
final readonly class Precedence
{
    private const RANK = ['hardware_maker' => 3, 'gasket_maker' => 3, 'engine_maker' => 2, 'shop_standard' => 1, 'window_standard' => 0];

    private function __construct(public ?CitedSource $governs, public string $why)
    {
    }

    /** @param  non-empty-list<CitedSource>  $sources  that say different things of one value */
    public static function among(array $sources): self
    {
        $rank = max(array_map(fn (CitedSource $s): int => self::RANK[$s->kind], $sources));
        $highest = array_values(array_filter($sources, fn (CitedSource $s): bool => self::RANK[$s->kind] === $rank));
        if (count($highest) === 1) {
            return new self($highest[0], sprintf('%s governs: %s.', $highest[0]->title, self::reason($highest[0], count($sources))));
        }
        if (array_filter($highest, fn (CitedSource $s): bool => preg_match('/^\d{4}(-\d{2}){0,2}$/D', $s->date) !== 1) !== []) {
            return new self(null, 'Which is newer cannot be told from their dates; write them as 2025-11 or 2025-11-30.');
        }
        usort($highest, fn (CitedSource $a, CitedSource $b): int => $b->date <=> $a->date);

        return $highest[0]->date === $highest[1]->date
            ? new self(null, 'They are of one kind and one date; neither overrides the other.')
            : new self($highest[0], sprintf('%s governs: newer overrides older.', $highest[0]->name()));
    }

    private static function reason(CitedSource $source, int $count): string
    {
        return match (self::RANK[$source->kind]) {
            3 => 'the sheet of the hardware that is fitted overrides the engine maker for that hardware',
            2 => 'shop practice does not override the engine maker',
            default => $count > 1 ? 'nothing above it says anything' : 'it is the only one',
        };
    }
}
