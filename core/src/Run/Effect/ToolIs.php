<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\ToolUse;

/** The tool for every step that controls this quantity, or for holding. */
final readonly class ToolIs implements Effect
{
    public function __construct(
        public ToolUse $quantity,
        public string $tool,
        public ?string $adapter = null,
    ) {
    }

    public function toBody(): array
    {
        return ['quantity' => $this->quantity->value, 'tool' => $this->tool] + ($this->adapter === null ? [] : ['adapter' => $this->adapter]);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'quantity', 'tool', 'adapter');

        return new self($body->word('quantity', ToolUse::class), $body->key('tool'), $body->optionalKey('adapter'));
    }
}
