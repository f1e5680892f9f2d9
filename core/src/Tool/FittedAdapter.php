<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/** The adapter that sat on a wrench while it was calibrated: the standard then reads the torque at the adapter's end. */
final readonly class FittedAdapter
{
    /** Torque at the adapter's end for 1 at the wrench's square; twelve decimals, more than any scale has. */
    public BigDecimal $gain;

    /**
     * @param  Written  $lever  from the wrench's square to the adapter's end
     * @param  Written  $angle  between the adapter and the wrench: 0 straight on
     * @param  Written  $length  of the wrench, from its square to its marked grip
     *
     * @throws ToolException when a length is not above 0, the angle is above 180°, or the adapter reaches back to the hand
     */
    public function __construct(public string $code, public Written $lever, public Written $angle, public Written $length)
    {
        $adapter = Adapter::crowFoot($lever->quantity()->inBase()->toFloat(), $angle->quantity()->inBase()->toFloat());
        $this->gain = CalibrationPoint::decimal($adapter->torque(1.0, $length->quantity()->inBase()->toFloat()));
    }

    /** What the standard should read where the wrench is set to this. */
    public function expected(Written $nominal): BigDecimal
    {
        return BigDecimal::of($nominal->decimal())->multipliedBy($this->gain);
    }

    /** @return array<string, string> */
    public function toData(): array
    {
        return ['code' => $this->code, 'lever' => $this->lever->code(), 'angle' => $this->angle->code(), 'length' => $this->length->code()];
    }

    /**
     * @param  array<mixed>  $data  as toData() wrote it
     *
     * @throws ToolException|UnitException when it is not
     */
    public static function ofData(array $data): self
    {
        $of = new RuleFields($data);

        return new self($of->text('code'), Written::coded($of->text('lever')), Written::coded($of->text('angle')), Written::coded($of->text('length')));
    }
}
