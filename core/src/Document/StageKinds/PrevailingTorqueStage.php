<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;

/** What a locking or damaged thread takes up, measured while running down. */
final readonly class PrevailingTorqueStage extends StageOwn
{
    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'prevailing torque', 'What a locking or damaged thread takes up, measured while running down.',
            new Aims(Targets::LimitsOnly, Kind::Torque), new Handling('torque_wrench', 20), new Judging(JudgedBy::Value, Attestation::Measured),
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self;
    }

    public function line(string $value, array $checks): string
    {
        return "measure prevailing torque, $value";
    }
}
