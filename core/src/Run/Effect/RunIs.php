<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\RunPhase;

/** Whether work goes on; $step is the one at which it was left. */
final readonly class RunIs implements Effect
{
    public function __construct(
        public RunPhase $is,
        public ?string $step = null,
    ) {
    }

    public function toBody(): array
    {
        return ['is' => $this->is->value] + ($this->step === null ? [] : ['step' => $this->step]);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'is', 'step');

        return new self($body->word('is', RunPhase::class), $body->optionalKey('step'));
    }
}
