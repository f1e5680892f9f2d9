<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Record\Models\Run;
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

    /** Was a joint given out and not taken back? What came with a subassembly off its engine was. */
    public static function isHeld(string $subject, string $joint): bool
    {
        return self::query()->where('subject', $subject)->where('joint', $joint)->whereNull('taken_back_at')->exists()
            || Run::query()->where('went_with', $subject)->where('joint', $joint)->whereNull('opened_at')->exists();
    }
}
