<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use DateTimeImmutable;

/**
 * All that was decided about one engine of a look-back. A later decision stands beside an earlier one and goes before it
 * where both are about the same; none speaks of what was judged after it.
 */
final readonly class Dispositions
{
    /** @var list<Disposition> in the order in which they were made */
    public array $made;

    /** @param  list<Disposition>  $made in any order; of those made at one time the last goes before */
    public function __construct(array $made)
    {
        usort($made, fn (Disposition $a, Disposition $b): int => $a->at <=> $b->at);
        $this->made = $made;
    }

    /** @return list<Disposition> those that still say something: the last about the whole engine, and what was decided about fasteners since */
    public function standing(): array
    {
        $standing = [];
        foreach ($this->made as $made) {
            $standing = $made->fasteners === [] ? [] : array_values(array_filter(array_map(fn (Disposition $d): ?Disposition => $d->without($made->fasteners), $standing)));
            $standing[] = $made;
        }

        return $standing;
    }

    /** The last one about a fastener; null while there is none. */
    public function about(string $fastener): ?Disposition
    {
        $about = array_filter($this->made, fn (Disposition $d): bool => $d->isAbout($fastener));

        return $about === [] ? null : $about[array_key_last($about)];
    }

    /**
     * What still waits for a decision.
     *
     * @param  array<string, DateTimeImmutable>  $grave  fasteners that lie outside or are in doubt, and when that was last found
     * @return list<string>
     */
    public function open(array $grave): array
    {
        return array_values(array_filter(array_keys($grave), function (string $fastener) use ($grave): bool {
            $last = $this->about($fastener);

            return $last === null || $last->at < $grave[$fastener];
        }));
    }

    /**
     * Has each its disposition? Where everything stayed in, one about the whole engine is enough, and wanted.
     *
     * @param  array<string, DateTimeImmutable>  $grave  as open() takes it
     */
    public function isComplete(array $grave): bool
    {
        return $this->open($grave) === [] && ($grave !== [] || array_filter($this->made, fn (Disposition $d): bool => $d->fasteners === []) !== []);
    }
}
