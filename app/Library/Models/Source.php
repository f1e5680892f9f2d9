<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;

/**
 * The shop's record of a document that figures come from.
 *
 * @property string $id
 * @property string $code
 * @property string $kind
 * @property string $title
 * @property string $edition
 * @property string $date
 * @property string $kept
 * @property string|null $superseded_by its successor's code
 * @property string|null $file_hash
 * @property string|null $file_type
 * @property string|null $file_name
 * @property int|null $file_bytes
 */
final class Source extends Row
{
    protected $table = 'sources';

    public static function missing(): string
    {
        return 'There is no such source.';
    }
}
