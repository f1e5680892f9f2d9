<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;

/** Until the torque is reached. */
final readonly class TorqueStage extends StageOwn
{
    private const PREVAILING = ['none', 'included', 'added'];

    /** @param  string|null  $prevailingFrom  the stage that measured what is added at each position; null: nothing is added */
    private function __construct(public ?string $prevailingFrom)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'torque', 'Tighten until the torque is reached.',
            new Aims(Targets::Wanted, Kind::Torque),
            new Handling('torque_wrench', 15, tightens: true, motion: Motion::OneMotion),
            new Judging(JudgedBy::Value, Attestation::Measured, wordCounts: true),
            [
                StageField::of('prevailing', StageField::words(self::PREVAILING, 'What a locking thread takes up: nothing, already in the target, or measured before and added at each position.', 'none')),
                StageField::of('prevailing_from', StageField::ref('key', 'The stage that measured it; with "added".')),
            ],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self($f->oneOf('prevailing', self::PREVAILING, 'none') === 'added' ? $f->oneOf('prevailing_from', $before) : null);
    }

    public function line(string $value, array $checks): string
    {
        return $value.($this->prevailingFrom === null ? '' : ' plus prevailing');
    }
}
