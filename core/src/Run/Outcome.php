<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\Judgement;

/** What an event did to its run when it was recorded. Replay takes it as it was: what was judged stays judged. */
final readonly class Outcome
{
    private function __construct(
        public Standing $standing,
        public ?SetAsideReason $reason,
        public ?Judgement $judgement,
        public bool $outOfSequence,
    ) {
    }

    public static function applied(?Judgement $judgement = null, bool $outOfSequence = false): self
    {
        return new self(Standing::Applied, null, $judgement, $outOfSequence);
    }

    public static function setAside(SetAsideReason $reason): self
    {
        return new self(Standing::SetAside, $reason, null, false);
    }

    public static function stored(Standing $standing, ?SetAsideReason $reason, ?Judgement $judgement, bool $outOfSequence): self
    {
        return new self($standing, $reason, $judgement, $outOfSequence);
    }

    public function isApplied(): bool
    {
        return $this->standing === Standing::Applied;
    }
}
