<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\BecameWhy;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\StepStatus;

/** Steps have another status, and why; $case where a fault is the reason. */
final readonly class Became implements Effect
{
    /** @param  list<string>  $steps */
    public function __construct(
        public array $steps,
        public StepStatus $status,
        public BecameWhy $why,
        public ?string $case = null,
    ) {
    }

    public function toBody(): array
    {
        return ['steps' => $this->steps, 'status' => $this->status->value, 'why' => $this->why->value] + ($this->case === null ? [] : ['case' => $this->case]);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'steps', 'status', 'why', 'case');

        return new self($body->keys('steps'), $body->word('status', StepStatus::class), $body->word('why', BecameWhy::class), $body->optionalKey('case'));
    }
}
