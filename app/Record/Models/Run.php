<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * The head of a run: whose it is and what it pins. What happened in it stands in the ledger.
 *
 * @property string $id
 * @property string $subject
 * @property string $joint
 * @property string $revision
 * @property string $plan_hash
 * @property string $option the hardware that is fitted
 * @property string $risk_class
 * @property string $assignment
 * @property string $person
 * @property string $device
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $finished_at
 */
final class Run extends Row
{
    protected $table = 'runs';

    /** @var array<string, string> */
    protected $casts = ['begun_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime'];
}
