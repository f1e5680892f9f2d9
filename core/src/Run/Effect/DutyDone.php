<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;

/** One thing that a fault asked for is done; $duty is its number there. */
final readonly class DutyDone implements Effect
{
    public function __construct(
        public string $case,
        public int $duty,
    ) {
    }

    public function toBody(): array
    {
        return ['case' => $this->case, 'duty' => $this->duty];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'case', 'duty');

        return new self($body->key('case'), $body->count('duty', 1));
    }
}
