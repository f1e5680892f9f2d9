<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Written;

/** One point of the calibration of an instrument that has limits in its own unit: dial gauge, micrometer, angle gauge. */
final readonly class InstrumentPoint
{
    /**
     * @param  Written  $reference  what the reference has
     * @param  Written  $permissible  error allowed to either side, in a unit of the same kind
     * @param  list<Written>  $shown  what the instrument showed, time after time; at least once
     *
     * @throws ToolException when it showed nothing, or something else is measured than the reference has
     */
    public function __construct(public Written $reference, public Written $permissible, public array $shown)
    {
        (new Bounds(ToolException::class))->some('the readings of the instrument', $shown);
        foreach ([$permissible, ...$shown] as $value) {
            if ($value->unit->kind() !== $reference->unit->kind()) {
                throw new ToolException(sprintf('%s does not measure what the reference %s does.', $value->typeset(), $reference->typeset()), 'value', $value->typeset(), $reference->unit->kind()->value);
            }
        }
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
