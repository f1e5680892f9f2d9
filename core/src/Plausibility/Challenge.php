<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

/** Something in a revision that a second look should be given to. It never forbids. */
final readonly class Challenge
{
    /**
     * @param  string  $about  the stage, and the group or position
     * @param  string|null  $plausible  a value that would be, typeset
     * @param  list<string>  $assumptions  what an estimate behind it rests on
     */
    public function __construct(
        public ChallengeKind $kind,
        public string $about,
        public string $sentence,
        public ?string $plausible = null,
        public array $assumptions = [],
    ) {
    }

    /** By which an answer names it: the same as long as the same is challenged for the same reason. 16 hex digits. */
    public function key(): string
    {
        return substr(hash('sha256', $this->kind->value."\n".$this->about."\n".$this->sentence), 0, 16);
    }
}
