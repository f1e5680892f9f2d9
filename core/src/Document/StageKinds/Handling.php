<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Motion;

/** How the hands do a stage of a kind: the usual tool, the time a place takes, how the tool is moved. */
final readonly class Handling
{
    /**
     * @param  int  $seconds  for one place, tool in hand; common practice, no source: to plan a day with, never a limit
     * @param  bool  $tightens  does it leave the fastener tighter, so that a loose one has to begin with it again?
     * @param  Motion|null  $motion  where the document does not say; null: nothing is said of it
     * @param  bool  $ordered  does it go through positions in an order?
     */
    public function __construct(
        public ?string $tool,
        public int $seconds,
        public bool $tightens = false,
        public ?Motion $motion = null,
        public bool $ordered = true,
    ) {
    }
}
