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
}
