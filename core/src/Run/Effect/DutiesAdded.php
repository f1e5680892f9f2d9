<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Duty;

/** More is to be done about a fault. */
final readonly class DutiesAdded implements Effect
{
    /** @param  list<Duty>  $duties */
    public function __construct(
        public string $case,
        public array $duties,
    ) {
    }

    public function toBody(): array
    {
        return ['case' => $this->case, 'duties' => array_map(fn (Duty $d): array => $d->toBody(), $this->duties)];
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'case', 'duties');

        return new self($body->key('case'), array_map(Duty::fromBody(...), $body->objects('duties')));
    }
}
