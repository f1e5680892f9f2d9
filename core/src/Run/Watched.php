<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Written;

/** A value that was watched beside the controlled one. */
final readonly class Watched
{
    public function __construct(
        public WatchedQuantity $what,
        public Written $value,
        public ?string $tool = null,
    ) {
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('what', 'value', 'tool');

        return new self($body->word('what', WatchedQuantity::class), $body->quantity('value'), $body->optionalKey('tool'));
    }

    /** @return array<string, string> */
    public function toBody(): array
    {
        return ['what' => $this->what->value, 'value' => $this->value->code()] + ($this->tool === null ? [] : ['tool' => $this->tool]);
    }
}
