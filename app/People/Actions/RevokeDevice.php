<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

final readonly class RevokeDevice
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $deviceId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($deviceId, $lead): void {
            $device = Device::query()->lockForUpdate()->find($deviceId) ?? throw Refused::notFound('There is no such device.');
            if ($device->revoked_at !== null) {
                throw Refused::field('device', sprintf('%s is no longer enrolled.', $device->name));
            }
            $this->recorder->append(new Draft(Ids::next(), 'device_revoked', 'device/'.$device->id, $lead->id));
            DB::table('device_tokens')->where('device', $device->id)->delete();
        });
    }
}
