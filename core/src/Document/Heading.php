<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a procedure is known by. */
final readonly class Heading
{
    /** @param  string  $hash  SHA-256 of the document's canonical bytes, 64 hex digits */
    public function __construct(
        public string $hash,
        public string $title,
        public Purpose $purpose,
        public string $riskClass,
    ) {
    }
}
