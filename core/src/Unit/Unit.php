<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** A unit of measure with its exact factor to the base unit of its kind (N·m, degree, mm). */
interface Unit
{
    public function kind(): Kind;

    /** Stable ASCII code used in documents and records, such as "lbf.ft". */
    public function code(): string;

    /** As typeset on screen and paper, such as "lbf·ft". */
    public function symbol(): string;

    /** Exact multiple of the base unit; every admitted unit has a finite decimal factor. */
    public function factor(): BigDecimal;

    /**
     * What people write for this unit, in lower case, without spaces, dots, hyphens or raised dots.
     *
     * @return non-empty-list<string>
     */
    public function spellings(): array;

    /** Builds the quantity of $amount of this unit. */
    public function quantity(BigDecimal $amount): Quantity;
}
