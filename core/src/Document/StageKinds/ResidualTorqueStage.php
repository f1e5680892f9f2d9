<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Unit\Kind;

/** What an audit finds later, by its own limits and method. */
final readonly class ResidualTorqueStage extends StageOwn
{
    private const METHODS = ['first_movement', 'further_turn', 'loosen_and_retighten'];

    private function __construct(public string $method)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'residual torque', 'What an audit finds later. Its limits are its own; installation windows never judge it.',
            new Aims(Targets::LimitsOnly, Kind::Torque),
            new Handling('torque_wrench', 30), new Judging(JudgedBy::Value, Attestation::Measured, opensFault: false),
            [StageField::wanted('method', StageField::words(self::METHODS, 'How it is found.'), 'further_turn')],
            [Purpose::ResidualAudit],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self($f->oneOf('method', self::METHODS));
    }

    public function line(string $value, array $checks): string
    {
        return "residual torque $value, by ".str_replace('_', ' ', $this->method);
    }
}
