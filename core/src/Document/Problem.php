<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** One thing wrong in a document: where (a JSON Pointer, RFC 6901), what stands there, what would be right. */
final readonly class Problem
{
    public function __construct(
        public string $pointer,
        public string $found,
        public string $wanted,
    ) {
    }

    public function sentence(): string
    {
        return sprintf('%s: %s stands there; %s.', $this->pointer === '' ? '/' : $this->pointer, $this->found, $this->wanted);
    }
}
