<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;

/**
 * One line of a template of uncertainty: where a contribution comes from, and how large it is where that does not follow
 * from the calibration itself.
 */
final readonly class TemplateLine
{
    /**
     * @param  float  $width  whole width of a fixed contribution, in the unit of the tool or in %; 0 for the others
     * @param  bool  $inPercent  is the width a share of the value?
     * @param  bool  $atLowest  is it known at the lowest point only, and taken over from there? (ISO 6789-2:2017, from memory)
     *
     * @throws ToolException when the width is below 0
     */
    public function __construct(
        public string $name,
        public BudgetSource $source,
        public float $width = 0.0,
        public bool $inPercent = false,
        public bool $atLowest = false,
    ) {
        (new Bounds(ToolException::class))->from0("the width of \"$name\"", $width);
    }
}
