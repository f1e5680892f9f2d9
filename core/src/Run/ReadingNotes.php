<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a reading brings beside its value. */
final readonly class ReadingNotes
{
    /**
     * @param  string|null  $raw  as it was given, before anything read it
     * @param  string|null  $reaction  the position at which the reaction arm stood
     * @param  string|null  $card  the job card that it was copied from
     */
    public function __construct(
        public ?string $raw = null,
        public ?string $adapter = null,
        public ?string $reaction = null,
        public ?string $card = null,
    ) {
    }
}
