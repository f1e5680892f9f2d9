<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;

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

    /** People who work at it. */
    public function people(): int
    {
        return 1;
    }

    protected static function byHand(): Judging
    {
        return new Judging(JudgedBy::Word, Attestation::OneByOne, wordCounts: true);
    }
}
