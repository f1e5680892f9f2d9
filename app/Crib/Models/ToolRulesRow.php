<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;

/**
 * By what tools of a form are calibrated, where the shop has set it.
 *
 * @property string $form
 * @property array<string, mixed> $rules
 * @property string $entry_id
 * @property string $person
 */
final class ToolRulesRow extends Row
{
    protected $table = 'tool_rules';

    protected $primaryKey = 'form';

    /** @var array<string, string> */
    protected $casts = ['rules' => 'array'];
}
