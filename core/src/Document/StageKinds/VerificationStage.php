<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;

/** The same torque again; each position moved or did not move. */
final readonly class VerificationStage extends StageOwn
{
    /** A verification pass that still moves a fastener at its ninth repeat is a fault, not a pass. */
    private const MOST = 9;

    private function __construct(private int $passes)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'verification pass', 'The same torque again; each position moved or did not move. Its result is "not below", never proof of an angle.',
            new Aims(Targets::WantedAsLeast, Kind::Torque),
            new Handling('torque_wrench', 12, motion: Motion::OneMotion),
            new Judging(JudgedBy::Movement, Attestation::OneByOne),
            [StageField::of('repeat_at_most', ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST, 'default' => 1, 'description' => 'Repeat until none moves, at most so often in all.'])],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self($f->integer('repeat_at_most', 1, self::MOST, 1));
    }

    public function passes(): int
    {
        return $this->passes;
    }

    public function line(string $value, array $checks): string
    {
        return "verify $value".($this->passes > 1 ? " until none moves, at most $this->passes times" : '');
    }
}
