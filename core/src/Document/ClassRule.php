<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a risk class asks of a joint. */
final readonly class ClassRule
{
    /**
     * @param  Attestation  $least  the weakest evidence that a round may rest on, from the loading one on
     * @param  bool  $watched  is a second quantity watched in the rounds whose torque or angle is controlled, from the loading one on?
     * @param  bool  $secondLook  does somebody else look at every head at the end?
     */
    public function __construct(public Attestation $least, public bool $watched, public bool $secondLook)
    {
    }

    /** Does this ask for everything that the other asks for? */
    public function isNoWeakerThan(self $other): bool
    {
        return $other->least->allows($this->least) && $this->watched >= $other->watched && $this->secondLook >= $other->secondLook;
    }

    /** "a word for each fastener, a second quantity watched, a second person at the end" */
    public function words(): string
    {
        return implode(', ', array_filter([$this->least->words(), $this->watched ? 'a second quantity watched' : '', $this->secondLook ? 'a second person at the end' : '']));
    }
}
