<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\FaultCase;

/** A fault, with the rule that it came under and what is to be done about it. */
final readonly class CaseOpened implements Effect
{
    public function __construct(public FaultCase $case)
    {
    }

    public function toBody(): array
    {
        return $this->case->toBody();
    }

    public static function fromBody(Body $body): self
    {
        return new self(FaultCase::fromBody($body));
    }
}
