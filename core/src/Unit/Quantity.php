<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** An amount that knows what it measures. Values are exact; only display rounds. */
interface Quantity
{
    public function kind(): Kind;

    /** The exact amount in the kind's base unit: N·m, degrees or millimetres. */
    public function inBase(): BigDecimal;
}
