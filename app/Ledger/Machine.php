<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** How the instance itself stands: what may be wrong although everything runs. */
final class Machine
{
    private const SLOW_SEQUENCER_S = 30;

    private const SLOW_QUEUE_S = 120;

    private const LITTLE_DISK_MB = 2_000;

    private const OLD_BACKUP_H = 36;

    private const OLD_VERIFY_DAYS = 8;

    private const CLOCKS_APART_S = 2;

    /** @return list<array{key: string, name: string, sentence: string, well: bool}> */
    public function state(): array
    {
        return [$this->sequencer(), $this->queue(), $this->disk(), $this->backup(), $this->verify(), $this->note(), $this->clock()];
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function sequencer(): array
    {
        $pending = DB::table('ledger_pending')->join('ledger_entries', 'ledger_entries.id', '=', 'ledger_pending.entry');
        [$waiting, $since] = [$pending->count(), $pending->min('received_at')];
        $age = $since === null ? 0 : (int) CarbonImmutable::parse((string) $since)->diffInSeconds(now(), true);

        return self::line('sequencer', 'Sequencer', $waiting === 0 ? 'every entry has its number in the tree' : sprintf('%d entries wait for their number, the oldest for %s', $waiting, self::time($age)), $age <= self::SLOW_SEQUENCER_S);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function queue(): array
    {
        $oldest = DB::table('jobs')->where('reserved_at', null)->min('created_at');
        $age = $oldest === null ? 0 : max(0, now()->getTimestamp() - (int) $oldest);
        $failed = DB::table('failed_jobs')->count();

        return self::line('queue', 'Queue', ($oldest === null ? 'nothing waits' : sprintf('work has waited for %s', self::time($age))).($failed === 0 ? '' : sprintf('; %d ended in a fault, see the log', $failed)), $age <= self::SLOW_QUEUE_S);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function disk(): array
    {
        $free = (int) (disk_free_space(storage_path()) / 1e6);

        return self::line('disk', 'Disk', $free >= 10_000 ? sprintf('%d GB free', intdiv($free, 1000)) : sprintf('%d MB free', $free), $free >= self::LITTLE_DISK_MB);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function backup(): array
    {
        [$at, $name] = explode(' ', (string) @file_get_contents(storage_path('last-backup')).'  ');
        $hours = $at === '' ? null : CarbonImmutable::parse($at)->diffInHours(now());

        return self::line('backup', 'Last backup', $hours === null ? 'none has been made here' : sprintf('%s, %s ago', $name, self::time((int) ($hours * 3600))), $hours !== null && $hours <= self::OLD_BACKUP_H);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function verify(): array
    {
        $last = Verified::last();
        $days = $last === null ? null : $last['at']->diffInDays(now());

        return self::line('verify', 'Last verify', match (true) {
            $last === null => 'the record has not been read again here',
            $last['found'] === 0 => sprintf('everything agreed, %s ago', self::time((int) $last['at']->diffInSeconds(now()))),
            default => sprintf('%d things did not agree, %s ago', $last['found'], self::time((int) $last['at']->diffInSeconds(now()))),
        }, $last !== null && $last['found'] === 0 && $days <= self::OLD_VERIFY_DAYS);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function note(): array
    {
        $noted = LeafNote::read();
        $agrees = ! LeafNote::isDamaged() && ($noted === null || DB::table('ledger_leaves')->where('leaf_no', $noted['number'])->value('leaf_hash') === $noted['hash']);

        return self::line('note', 'Note of the last leaf', $agrees ? ($noted === null ? 'not begun yet' : "agrees, at leaf {$noted['number']}") : 'knows more than the database holds; run bin/tekkal verify', $agrees);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private function clock(): array
    {
        $apart = abs(microtime(true) - (float) DB::scalar('SELECT UNIX_TIMESTAMP(NOW(6))'));
        $newest = DB::table('ledger_entries')->orderByDesc('id')->value('received_at');
        $back = $newest !== null && CarbonImmutable::parse((string) $newest)->subSeconds(self::CLOCKS_APART_S)->greaterThan(now());

        return self::line('clock', 'Clock', match (true) {
            $back => sprintf('the newest entry is of %s UTC, later than now: the clock was set back', substr((string) $newest, 0, 19)),
            $apart > self::CLOCKS_APART_S => sprintf('server and database are %.0f s apart', $apart),
            default => sprintf('%s UTC, and the database agrees', now()->utc()->format('H:i:s')),
        }, ! $back && $apart <= self::CLOCKS_APART_S);
    }

    /** @return array{key: string, name: string, sentence: string, well: bool} */
    private static function line(string $key, string $name, string $sentence, bool $well): array
    {
        return ['key' => $key, 'name' => $name, 'sentence' => $sentence, 'well' => $well];
    }

    private static function time(int $seconds): string
    {
        return match (true) {
            $seconds < 120 => "$seconds s",
            $seconds < 7200 => intdiv($seconds, 60).' min',
            $seconds < 172_800 => intdiv($seconds, 3600).' h',
            default => intdiv($seconds, 86_400).' days',
        };
    }
}
