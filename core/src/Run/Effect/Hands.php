<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;

/** In whose hands the run is, and where. */
final readonly class Hands implements Effect
{
    public function __construct(
        public string $person,
        public ?string $device,
        public ?string $partner = null,
    ) {
    }

    public function toBody(): array
    {
        return array_filter(['person' => $this->person, 'device' => $this->device, 'partner' => $this->partner], fn (?string $v): bool => $v !== null);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'person', 'device', 'partner');

        return new self($body->key('person'), $body->optionalKey('device'), $body->optionalKey('partner'));
    }
}
