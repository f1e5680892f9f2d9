<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A joint that was tightened though no approved procedure says to what.
 *
 * @property string $subject
 * @property string $joint
 * @property string $told to what, in the words of whoever tells it: "24 N·m, from memory"
 * @property string $worked_by
 * @property CarbonImmutable $worked_on
 * @property string $person who entered it
 * @property CarbonImmutable $at
 */
final class ToldJoint extends Row
{
    protected $table = 'told_joints';

    protected $primaryKey = 'subject';

    /** @var array<string, string> */
    protected $casts = ['worked_on' => 'immutable_date:Y-m-d', 'at' => 'immutable_datetime'];

    /** "tightened without a procedure: 24 N·m, N. Harrow, 12 March 2026; nobody has approved that value" */
    public function says(): string
    {
        return sprintf('tightened without a procedure: %s, %s, %s; nobody has approved that value', $this->told, $this->worked_by, $this->worked_on->format('j F Y'));
    }
}
