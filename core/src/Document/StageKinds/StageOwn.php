<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/**
 * What a stage says that only its kind has. One class per kind declares the kind, reads its fields and writes its part of
 * the tightening line.
 */
abstract readonly class StageOwn
{
    abstract public static function declaration(): StageDeclaration;

    /**
     * @param  list<string>  $before  keys of the stages before this one
     * @param  list<string>  $checks  keys of the checks
     */
    abstract public static function read(ObjectReader $f, array $before, array $checks): self;

    /**
     * Its part of the tightening line.
     *
     * @param  string  $value  the target or the limits; empty where there are none
     * @param  array<string, string>  $checks  names by key
     */
    abstract public function line(string $value, array $checks): string;

    /** How often it is done at most; what comes after the first pass is done only if something moved in the one before. */
    public function passes(): int
    {
        return 1;
    }

    /** So much at a time, all of them in their order, again and again until all are in contact, or free; null: each at once. */
    public function atATime(): ?Written
    {
        return null;
    }

    /** People who work at it. */
    public function people(): int
    {
        return 1;
    }

    protected static function littleByLittle(string $until): StageField
    {
        return StageField::of('at_a_time', StageField::ref('angle', "Each so much at a time, all of them in their order, again and again until $until: \"1/4 turn\". Absent: each at once."));
    }

    protected static function readAtATime(ObjectReader $f): ?Written
    {
        $angle = $f->optionalQuantity('at_a_time', Kind::Angle);
        if ($angle?->quantity()->inBase()->isZero() === true) {
            $f->problem('at_a_time', 'an angle above zero is wanted');
        }

        return $angle;
    }

    protected static function byHand(): Judging
    {
        return new Judging(JudgedBy::Word, Attestation::OneByOne, wordCounts: true);
    }
}
