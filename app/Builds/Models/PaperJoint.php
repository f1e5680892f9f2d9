<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A joint that was tightened before the shop had this record: who signed its paper, when, and the scan. Never counted as recorded.
 *
 * @property string $subject
 * @property string $joint
 * @property string $hash
 * @property string $type
 * @property int $bytes
 * @property string $worked_by
 * @property CarbonImmutable $worked_on
 * @property string $person who entered it
 * @property CarbonImmutable $at
 */
final class PaperJoint extends Row
{
    protected $table = 'paper_joints';

    protected $primaryKey = 'subject';

    /** @var array<string, string> */
    protected $casts = ['worked_on' => 'immutable_date:Y-m-d', 'at' => 'immutable_datetime'];

    /** "before Tekkal, on paper: 12 March 2026, N. Harrow" */
    public function says(): string
    {
        return sprintf('before Tekkal, on paper: %s, %s', $this->worked_on->format('j F Y'), $this->worked_by);
    }
}
