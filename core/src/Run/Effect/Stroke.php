<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Unit\Written;

/** A stroke of an angle under way; $sum is the angle so far, this one included. */
final readonly class Stroke implements Effect
{
    public function __construct(
        public string $step,
        public Written $angle,
        public Written $sum,
    ) {
    }

    public function toBody(): array
    {
        return ['step' => $this->step, 'angle' => $this->angle->code(), 'sum' => $this->sum->code()];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'step', 'angle', 'sum');

        return new self($body->key('step'), $body->quantity('angle'), $body->quantity('sum'));
    }
}
