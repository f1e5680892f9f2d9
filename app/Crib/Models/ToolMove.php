<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Something that happened to a tool: it was handed out, came back, was dropped, was sent away.
 *
 * @property string $entry_id
 * @property string $tool
 * @property string $kind
 * @property CarbonImmutable $at
 * @property string $by who said so
 * @property string|null $who it went to, or came from
 * @property string|null $build
 * @property string|null $told
 */
final class ToolMove extends Row
{
    protected $table = 'tool_moves';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['at' => 'immutable_datetime'];
}
