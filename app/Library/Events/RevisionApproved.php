<?php

declare(strict_types=1);

namespace App\Library\Events;

/** A revision has just been signed, in this same transaction. Whoever hears it may name people who must know. */
final class RevisionApproved
{
    /** @var list<string> people's ids */
    private array $concerned = [];

    public function __construct(
        public readonly string $procedure,
        public readonly string $revision,
        public readonly string $documentHash,
        public readonly string $planHash,
        public readonly string $approver,
    ) {
    }

    public function concern(string $person): void
    {
        $this->concerned[] = $person;
    }

    /** @return list<string> */
    public function concerned(): array
    {
        return $this->concerned;
    }
}
