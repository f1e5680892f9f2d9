<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;

/** Something known of a place or step, under a name; null: no longer. */
final readonly class FactIs implements Effect
{
    public function __construct(
        public string $at,
        public string $key,
        public ?string $value,
    ) {
    }

    public function toBody(): array
    {
        return ['at' => $this->at, 'key' => $this->key] + ($this->value === null ? [] : ['value' => $this->value]);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'at', 'key', 'value');

        return new self($body->key('at'), $body->key('key'), $body->optionalText('value', Body::SENTENCE));
    }
}
