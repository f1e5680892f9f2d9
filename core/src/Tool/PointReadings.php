<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/**
 * One point of a calibration as it was read. A torque tool is set to (or shows) the nominal value and the standard is read;
 * an instrument is held against the nominal value and is read itself.
 */
final readonly class PointReadings
{
    public const CLOCKWISE = 'clockwise';

    public const DIRECTIONS = [self::CLOCKWISE, 'anticlockwise'];

    private const MOST = 30;

    /**
     * @param  list<Written>  $readings  in the order in which they were taken; none yet while it is typed
     *
     * @throws ToolException when the nominal value is 0 for a torque tool, a reading is in another unit, or there are more than 30
     */
    public function __construct(public Written $nominal, public array $readings, public string $direction = self::CLOCKWISE)
    {
        foreach ($readings as $reading) {
            if ($reading->unit !== $nominal->unit) {
                throw new ToolException(sprintf('%s was read at the point %s; a reading is wanted in %s, as the tool has it.', $reading->typeset(), $nominal->typeset(), $nominal->unit->symbol()), 'reading', $reading->typeset(), $nominal->unit->symbol());
            }
        }
        if (count($readings) > self::MOST) {
            throw new ToolException(sprintf('At %s stand %d readings; a point has at most %d.', $nominal->typeset(), count($readings), self::MOST), 'readings', (string) count($readings), (string) self::MOST);
        }
    }

    /** The same for the same point in the same direction, however it was written. */
    public function key(): string
    {
        return $this->nominal->quantity()->inBase()->stripTrailingZeros().' '.$this->direction;
    }

    /** "15 N·m", "15 N·m anticlockwise" */
    public function words(): string
    {
        return $this->nominal->typeset().($this->direction === self::CLOCKWISE ? '' : " $this->direction");
    }
}
