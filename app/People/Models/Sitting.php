<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * One person at one device from sign-in to sign-out.
 *
 * @property string $id
 * @property string $person
 * @property string $device
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $ended_at
 * @property int|null $closed_device_seq the device's last number when it closed the sitting
 */
final class Sitting extends Row
{
    private const LATE_AFTER_HOURS = 72;

    protected $table = 'sittings';

    /** @var array<string, string> */
    protected $casts = ['begun_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** An event is late when it comes after the number at which the device closed the sitting, or 72 h after its end. */
    public function isLate(int $deviceSeq, CarbonImmutable $now): bool
    {
        return ($this->closed_device_seq !== null && $deviceSeq > $this->closed_device_seq)
            || ($this->ended_at !== null && $now->greaterThan($this->ended_at->addHours(self::LATE_AFTER_HOURS)));
    }
}
