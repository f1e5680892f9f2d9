<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** What else may be known of a tool. */
final readonly class ToolNotes
{
    /**
     * @param  float|null  $uncertainty  expanded, % of the value, from its calibration; null: not stated
     * @param  Written|null  $threshold  to which an electronic tool is set; angles are counted from it
     * @param  WrenchClass|null  $class  null: nobody has said
     * @param  string|null  $outOfUse  why it may not be used now, as the end of a sentence ("it was dropped"); null: it may
     */
    public function __construct(public ?float $uncertainty = null, public ?Written $threshold = null, public ?WrenchClass $class = null, public ?string $outOfUse = null)
    {
    }
}
