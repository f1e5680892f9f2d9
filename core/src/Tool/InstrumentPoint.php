<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** One point of the calibration of an instrument that has limits in its own unit: dial gauge, micrometer, angle gauge. */
final readonly class InstrumentPoint
{
    /**
     * @param  Written  $reference  what the reference has
     * @param  Written  $permissible  error allowed to either side, in a unit of the same kind
     * @param  non-empty-list<Written>  $shown  what the instrument showed, time after time
     */
    public function __construct(public Written $reference, public Written $permissible, public array $shown)
    {
    }

    /** Every single reading must lie within the permissible error; the limit itself does. */
    public function conforms(): bool
    {
        $limits = new Window($this->reference->minus($this->permissible, RoundingMode::HALF_UP), $this->reference->plus($this->permissible, RoundingMode::HALF_UP));
        foreach ($this->shown as $value) {
            if (! $limits->judge($value->quantity())->isGood()) {
                return false;
            }
        }

        return true;
    }
}
