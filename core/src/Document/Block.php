<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * Stages that are carried out for one leg of the joint after another: part by part, pair by pair, or one reachable
 * sub-group after another. A stage that stands by itself is a block with one leg.
 */
final readonly class Block
{
    /**
     * @param  non-empty-list<Leg>  $legs
     * @param  non-empty-list<Stage>  $stages
     */
    public function __construct(
        public ?string $key,
        public Traversal $traversal,
        public array $legs,
        public array $stages,
    ) {
    }
}
