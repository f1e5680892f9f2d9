<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a result of a stage counts for. */
final readonly class ResultRules
{
    /**
     * @param  bool  $loading  is it the stage at which a tightening counts as one of the fastener's cycles?
     * @param  bool  $trial  is it part of a trial fit, which is never the final tightening?
     * @param  Attestation  $evidence  the weakest it may rest on
     */
    private function __construct(public bool $loading, public bool $trial, public Attestation $evidence)
    {
    }

    public static function read(ObjectReader $f, StageKind $kind): self
    {
        return new self(
            $kind->tightens() && $f->boolean('loading'),
            $f->boolean('trial'),
            Attestation::from($f->oneOf('evidence', array_column(Attestation::cases(), 'value'), $kind->declaration()->judging->evidence->value)),
        );
    }
}
