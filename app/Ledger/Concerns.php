<?php

declare(strict_types=1);

namespace App\Ledger;

/** What an entry is about, beside its stream: the engine, the joint with its hardware, the document and plan in force for it. */
final readonly class Concerns
{
    public function __construct(
        public ?string $subject = null,
        public ?string $revisionHash = null,
        public ?string $planHash = null,
        public ?string $joint = null,
        public ?string $option = null,
        public ?string $riskClass = null,
    ) {
    }
}
