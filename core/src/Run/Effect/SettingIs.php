<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Unit\Written;

/** What the scale of a tool shows; null: nobody knows. */
final readonly class SettingIs implements Effect
{
    public function __construct(
        public string $tool,
        public ?Written $shows,
    ) {
    }

    public function toBody(): array
    {
        return ['tool' => $this->tool] + ($this->shows === null ? [] : ['shows' => $this->shows->code()]);
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'tool', 'shows');

        return new self($body->key('tool'), $body->optionalQuantity('shows'));
    }
}
