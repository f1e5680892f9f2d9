<?php

declare(strict_types=1);

namespace App\Shared\Rules;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Tekkal\Core\Document\PlainText;

/** A name or title: one line, without control signs, marks of direction, or signs that cannot be seen. */
final class OneLine implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && ! PlainText::isLine($value)) {
            $fail('Write it in one line, without control signs, marks of direction or signs that cannot be seen.');
        }
    }
}
