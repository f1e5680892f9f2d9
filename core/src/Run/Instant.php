<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/** A moment as it is written in entries and requests. */
final readonly class Instant
{
    /**
     * @param  string  $written  ISO 8601 with its offset: "2026-03-02T10:00:00.000Z"
     *
     * @throws Exception where it is no date and time
     */
    public static function of(string $written): DateTimeImmutable
    {
        // "Z" is an abbreviation to PHP, which it looks up among all that there are: ten times as long as an offset takes.
        $offset = str_ends_with($written, 'Z') ? substr($written, 0, -1).'+00:00' : $written;

        return (new DateTimeImmutable($offset))->setTimezone(new DateTimeZone('UTC'));
    }
}
