<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;

/** How a result of a stage of a kind comes about, and what follows from a bad one. */
final readonly class Judging
{
    /**
     * @param  Attestation  $evidence  the weakest it may rest on where the document does not say
     * @param  bool  $wordCounts  may a person's word stand for a value?
     * @param  bool  $opensFault  is a bad result a fault to be put right? Else it is answered again, or for the lead to dispose of
     */
    public function __construct(
        public JudgedBy $by,
        public Attestation $evidence,
        public bool $wordCounts = false,
        public bool $opensFault = true,
    ) {
    }
}
