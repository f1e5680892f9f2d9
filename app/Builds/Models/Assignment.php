<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * One joint of one build, with its pinned revision, in somebody's hands.
 *
 * @property string $id
 * @property string $subject
 * @property string $joint
 * @property string $revision
 * @property string $plan_hash
 * @property string $option the hardware that is fitted
 * @property string $person
 * @property CarbonImmutable $given_at
 * @property CarbonImmutable|null $begun_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class Assignment extends Row
{
    protected $table = 'assignments';

    /** @var array<string, string> */
    protected $casts = ['given_at' => 'immutable_datetime', 'begun_at' => 'immutable_datetime', 'taken_back_at' => 'immutable_datetime'];
}
