<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes a browser a bench. Its token leaves here once, in a cookie; the server keeps only the token's hash. */
final readonly class EnrolDevice
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @return array{device: string, token: string} */
    public function __invoke(string $name, Person $lead): array
    {
        $device = Ids::next();
        $token = Str::random(64);
        $this->recorder->transaction(function () use ($device, $token, $name, $lead): void {
            $this->recorder->append(new Draft(Ids::next(), 'device_enrolled', 'device/'.$device, $lead->id, data: ['name' => $name]));
            DB::table('device_tokens')->insert(['token_hash' => self::hash($token), 'device' => $device]);
        });

        return ['device' => $device, 'token' => $token];
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
