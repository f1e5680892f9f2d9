<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** A tool as the crib describes it: what it is, the range it may be used in, and the step of its display. */
final readonly class Tool
{
    public ?float $uncertainty;

    public ?Written $threshold;

    public ?WrenchClass $class;

    /** @param  list<string>  $directions  in which it was calibrated */
    public function __construct(
        public string $code,
        public ToolKind $kind,
        public ToolRange $range,
        public Written $resolution,
        public array $directions = ['clockwise'],
        ToolNotes $notes = new ToolNotes,
    ) {
        [$this->uncertainty, $this->threshold, $this->class] = [$notes->uncertainty, $notes->threshold, $notes->class];
    }
}
