<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Shared\Ids;
use App\Shared\Models\Row;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Rows as they are read, for tests of reading many: nothing is recorded of them, so no test that verifies may use them.
 *
 * @template TModel of Row
 *
 * @extends Factory<TModel>
 */
abstract class RowFactory extends Factory
{
    private static int $made = 0;

    /** A number that no other row of this run has. */
    final protected static function number(): int
    {
        return ++self::$made;
    }

    final protected static function id(): string
    {
        return Ids::next();
    }
}
