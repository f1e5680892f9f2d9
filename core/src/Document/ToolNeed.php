<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** What a stage says of its tool: kind, least upper range, class. */
final readonly class ToolNeed
{
    private const KINDS = ['torque_wrench', 'angle_gauge', 'dial_gauge', 'micrometer', 'powered', 'hand', 'feeler_gauge', 'plastic_gauge'];

    private function __construct(public string $kind, public ?Written $leastRange, public ?string $class)
    {
    }

    public static function read(ObjectReader $f): self
    {
        $need = new self($f->oneOf('kind', self::KINDS), $f->optionalQuantity('least_range', Kind::Torque), $f->optionalString('class'));
        $f->close();

        return $need;
    }

    /** What is usual where a stage does not say. */
    public static function usual(StageKind $kind): ?string
    {
        return match ($kind) {
            StageKind::Torque, StageKind::Hold, StageKind::VerificationPass, StageKind::PrevailingTorque, StageKind::ResidualTorque => 'torque_wrench',
            StageKind::Turn => 'angle_gauge',
            StageKind::Stretch => 'micrometer',
            StageKind::Seat, StageKind::Loosen => 'hand',
            StageKind::Settle, StageKind::Check => null,
        };
    }
}
