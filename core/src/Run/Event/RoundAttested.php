<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A whole round, of one leg where the stage belongs to a block, was attested at once with the count of marks on the metal. */
final readonly class RoundAttested implements Event
{
    public function __construct(
        public string $id,
        public string $stage,
        public ?string $leg,
        public string $tool,
        public int $marks,
        public Stamp $stamp,
    ) {
    }
}
