<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

enum FieldKind: string
{
    /** Digits in the unit of the field. */
    case Value = 'value';
    /** A whole number. */
    case Count = 'count';
    /** Letters and digits, typed or scanned. */
    case Text = 'text';
}
