<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\Unit\Length;

/** One place for one fastener. $number is what the document prints on its figure; $key never changes. */
final readonly class Position
{
    public function __construct(
        public string $key,
        public string $number,
        public Length $x,
        public Length $y,
        public string $group,
        public string $part,
        public ?string $landmark = null,
    ) {
    }
}
