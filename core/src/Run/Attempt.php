<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;

/** One try at a step, judged. It stays in the record whatever comes after it. */
final readonly class Attempt
{
    public function __construct(
        public int $number,
        public ResultInput $reading,
        public Judgement $judgement,
        public bool $outOfSequence,
        public AttemptStatus $status = AttemptStatus::Live,
    ) {
    }

    public function becoming(AttemptStatus $status): self
    {
        return new self($this->number, $this->reading, $this->judgement, $this->outOfSequence, $status);
    }

    /** Does a step stand well on it? */
    public function holds(): bool
    {
        return $this->judgement->verdict->isGood() && $this->judgement->evidence !== EvidenceGrade::Unknown;
    }
}
