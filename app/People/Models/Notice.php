<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Something that some people must know of, and say that they do.
 *
 * @property string $id
 * @property string $title
 * @property string $body
 * @property string $link where it is shown, at a desk; may be empty
 * @property CarbonImmutable $sent_at
 */
final class Notice extends Row
{
    protected $table = 'notices';

    /** @var array<string, string> */
    protected $casts = ['sent_at' => 'immutable_datetime'];
}
