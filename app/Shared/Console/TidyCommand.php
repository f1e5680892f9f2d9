<?php

declare(strict_types=1);

namespace App\Shared\Console;

use App\Shared\Contracts\Tidies;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Rotates logs and clears away what nobody needs any more. How long each is kept is a setting: config/keeping.php. */
final class TidyCommand extends Command
{
    protected $signature = 'tekkal:tidy';

    protected $description = 'Rotate logs, clear away old sessions, imports and tries';

    /** A session file that is being written has another name for a moment. */
    private const HALF_WRITTEN_S = 60;

    /** @param  iterable<Tidies>  $areas */
    public function __construct(private readonly iterable $areas)
    {
        parent::__construct();
    }

    public function handle(): void
    {
        foreach ([...(glob(dirname(storage_path()).'/log/*.log') ?: []), ...(glob(storage_path('logs/*.log')) ?: [])] as $log) {
            $this->rotate($log);
        }
        $this->remove(storage_path('framework/sessions'), '/^/', (int) config('keeping.session_hours') * 3600);
        $this->remove(storage_path('framework/sessions'), '/^new/', self::HALF_WRITTEN_S);
        DB::table('failed_jobs')->where('failed_at', '<', now()->subDays((int) config('keeping.log_days')))->delete();
        foreach ($this->areas as $area) {
            $area->tidy();
        }
    }

    /** Services keep their files open and write at their end: what is rotated is copied aside and emptied in its place. */
    private function rotate(string $log): void
    {
        if ((int) @filesize($log) > (int) config('keeping.log_megabytes') * 1_000_000) {
            copy($log, $log.'.'.now()->format('Ymd-His'));
            file_put_contents($log, '');
        }
        foreach (glob($log.'.*') ?: [] as $old) {
            if ((int) @filemtime($old) < time() - (int) config('keeping.log_days') * 86_400) {
                @unlink($old);
            }
        }
    }

    private function remove(string $folder, string $pattern, int $olderThan): void
    {
        foreach (@scandir($folder) ?: [] as $name) {
            $file = "$folder/$name";
            if (is_file($file) && preg_match($pattern, $name) === 1 && (int) @filemtime($file) < now()->getTimestamp() - $olderThan) {
                @unlink($file);
            }
        }
    }
}
