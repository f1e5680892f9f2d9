<?php

declare(strict_types=1);

namespace Tests\Faults;

/** Waiting for what comes at its own pace: long enough for a machine that has much else to do, and no longer than it takes. */
final class Patience
{
    public const SECONDS = 180;

    /** @param  callable(): bool  $come */
    public static function until(callable $come): bool
    {
        $until = microtime(true) + self::SECONDS;
        do {
            if ($come()) {
                return true;
            }
            usleep(50_000);
        } while (microtime(true) < $until);

        return false;
    }
}
