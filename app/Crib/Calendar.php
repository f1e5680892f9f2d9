<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Queries\ToolStanding;
use App\People\Shop;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** When which tool is due, as a calendar that other programs read (RFC 5545): one whole day for each tool. */
final class Calendar
{
    private const REMIND_DAYS = 7;

    /** @param  iterable<ToolStanding>  $standings */
    public static function of(iterable $standings): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Tekkal//Tools//EN', 'X-WR-CALNAME' => Shop::here()->name.': tools due']);
        foreach ($standings as $standing) {
            if ($standing->dueOn !== null && $standing->tool->state !== ToolState::Retired) {
                $event = new VEvent($calendar, 'VEVENT', [
                    'UID' => $standing->tool->id.'@tekkal', 'SUMMARY' => sprintf('%s is due', $standing->tool->code), 'DESCRIPTION' => sprintf('%s, %s', $standing->tool->name, $standing->says()),
                    'DTSTAMP' => now()->utc()->toDateTimeImmutable(),
                ]);
                $calendar->add($event);
                $day = new DateTimeImmutable($standing->dueOn);
                $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
                $event->add('DTEND', $day->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
                $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => sprintf('%s is due within the week', $standing->tool->code), 'TRIGGER' => sprintf('-P%dD', self::REMIND_DAYS)]);
            }
        }

        return $calendar->serialize();
    }

    /** Known to whoever was shown the address; another key of the application makes another one. */
    public static function token(): string
    {
        return substr(hash_hmac('sha256', 'tools due', (string) config('app.key')), 0, 32);
    }

    public static function path(): string
    {
        return '/api/calendar/'.self::token().'.ics';
    }
}
