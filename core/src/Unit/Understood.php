<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

final readonly class Understood implements ParseResult
{
    public function __construct(public Written $value)
    {
    }
}
