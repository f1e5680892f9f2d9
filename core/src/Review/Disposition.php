<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use DateTimeImmutable;

/** What somebody decided about an engine that a look-back has touched, or about some of its fasteners. */
final readonly class Disposition
{
    /** @param  list<string>  $fasteners  each by a name that no other of the engine has; none: the whole engine */
    public function __construct(
        public string $decision,
        public array $fasteners,
        public string $person,
        public DateTimeImmutable $at,
    ) {
    }

    public function isAbout(string $fastener): bool
    {
        return $this->fasteners === [] || in_array($fastener, $this->fasteners, true);
    }

    /** @param  list<string>  $taken  fasteners about which something else was decided since */
    public function without(array $taken): ?self
    {
        $left = array_values(array_diff($this->fasteners, $taken));

        return $this->fasteners !== [] && $left === [] ? null : new self($this->decision, $left, $this->person, $this->at);
    }
}
