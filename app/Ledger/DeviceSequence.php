<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The gap-free count that each bench device puts on its events. */
final readonly class DeviceSequence
{
    public function expected(string $device): int
    {
        return (int) (DB::table('ledger_device_heads')->where('device', $device)->value('next_device_seq') ?? 1);
    }

    /** When something was last received from a device; null where nothing ever was. */
    public static function lastHeard(string $device): ?CarbonImmutable
    {
        $at = DB::table('ledger_entries')->where('device', $device)->orderByDesc('device_seq')->value('received_at');

        return is_string($at) ? CarbonImmutable::parse($at, 'UTC') : null;
    }

    /** Locks the device's count for this transaction and returns the next number expected. */
    public function lock(string $device): int
    {
        return (new Head('ledger_device_heads', 'device', 'next_device_seq'))->hold($device);
    }

    /** @throws Refused with the number expected and the id of what came with another */
    public static function compare(int $given, int $expected, string $id): void
    {
        if ($given !== $expected) {
            throw new Refused(ProblemType::DeviceSeq, sprintf('This device sent number %d; number %d is expected. Send again from %d.', $given, $expected, $expected), 409, ['field' => 'device_seq', 'value' => $given, 'expected' => $expected, 'id' => $id]);
        }
    }

    /** After lock(), once everything that was counted is recorded. */
    public function moveTo(string $device, int $next): void
    {
        DB::table('ledger_device_heads')->where('device', $device)->update(['next_device_seq' => $next]);
    }
}
