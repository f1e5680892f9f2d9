<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

/** What a plan knows of a position: its group, its part, its fastener type, the adapter without which no wrench reaches it. */
final readonly class Place
{
    public function __construct(
        public string $key,
        public string $number,
        public string $group,
        public string $part,
        public string $fastener,
        public ?string $adapter = null,
    ) {
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return ['key' => $this->key, 'number' => $this->number, 'group' => $this->group, 'part' => $this->part, 'fastener' => $this->fastener] + ($this->adapter === null ? [] : ['adapter' => $this->adapter]);
    }
}
