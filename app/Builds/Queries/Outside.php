<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\PaperJoint;
use App\Library\Models\Permit;
use App\Library\Queries\Permits;

/** What of engines stands outside the record: joints done on paper before, and those that a permit lets go unrecorded. */
final class Outside
{
    /**
     * @param  array<array-key, mixed>  $builds
     * @return array<string, array<string, array{kind: string, says: string, code: string|null}>> by build and joint
     */
    public static function of(array $builds): array
    {
        $outside = array_map(fn (array $permits): array => array_map(self::permitted(...), $permits), Permits::ofUnrecorded($builds));
        foreach (PaperJoint::query()->whereIn('subject', $builds)->get() as $paper) {
            $outside[$paper->subject][$paper->joint] = ['kind' => 'paper', 'says' => $paper->says(), 'code' => null];
        }

        return $outside;
    }

    /** @return array{kind: string, says: string, code: string|null} */
    private static function permitted(Permit $permit): array
    {
        return $permit->state === 'approved'
            ? ['kind' => 'permit', 'says' => sprintf('not recorded; permit %s, signed by %s, lets it go', $permit->code, $permit->signature), 'code' => $permit->code]
            : ['kind' => 'asked', 'says' => "not recorded; permit $permit->code waits for a signature", 'code' => $permit->code];
    }
}
