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
     * @param  bool  $secondLook  does a second person look at each of its steps, not knowing what the first had found?
     */
    private function __construct(public bool $loading, public bool $trial, public Attestation $evidence, public bool $secondLook)
    {
    }

    public static function read(ObjectReader $f, StageKind $kind): self
    {
        // What is done a little at a time all around has no result of each: one word is given for the round.
        $usual = $f->has('at_a_time') ? Attestation::AsRound : $kind->declaration()->judging->evidence;

        return new self(
            $kind->tightens() && $f->boolean('loading'),
            $f->boolean('trial'),
            Attestation::from($f->oneOf('evidence', array_column(Attestation::cases(), 'value'), $usual->value)),
            $f->boolean('second_look'),
        );
    }
}
