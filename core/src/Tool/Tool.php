<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** A tool as the crib describes it: what it is, the range it may be used in, and the step of its display. */
final readonly class Tool
{
    /**
     * @param  list<string>  $directions  in which it was calibrated
     * @param  float|null  $uncertainty  expanded, % of the value, from its calibration; null: not stated
     * @param  Written|null  $threshold  to which an electronic tool is set; angles are counted from it
     * @param  WrenchClass|null  $class  null: nobody has said
     */
    public function __construct(
        public string $code,
        public ToolKind $kind,
        public ToolRange $range,
        public Written $resolution,
        public array $directions = ['clockwise'],
        public ?float $uncertainty = null,
        public ?Written $threshold = null,
        public ?WrenchClass $class = null,
    ) {
    }
}
