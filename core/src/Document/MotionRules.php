<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** How the tool is moved in a stage, and what is done when a motion comes to an end too early. */
final readonly class MotionRules
{
    /**
     * @param  bool  $mayContinue  may a shortfall be taken further? Else it is backed off and done again
     * @param  Scope  $redo  what one redo or replacement takes along
     */
    private function __construct(public bool $oneMotion, public bool $mayContinue, public Scope $redo)
    {
    }

    public static function read(ObjectReader $f, StageKind $kind): self
    {
        $usual = $kind->declaration()->handling->motion;

        return new self(
            $usual !== null && $f->oneOf('motion', array_column(Motion::cases(), 'value'), $usual->value) === Motion::OneMotion->value,
            $f->oneOf('shortfall', ['continue', 'back_off'], 'back_off') === 'continue',
            Scope::from($f->oneOf('redo', array_column(Scope::cases(), 'value'), Scope::Position->value)),
        );
    }
}
