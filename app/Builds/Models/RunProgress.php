<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Shared\Models\Row;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How far each run is, as its entries tell it. */
final class RunProgress extends Row
{
    protected $table = 'run_progress';

    protected $primaryKey = 'run';

    /**
     * Plain rows: boards read hundreds of them again and again.
     *
     * @param  Collection<array-key, mixed>  $runs
     * @return Collection<string, stdClass> by run
     */
    public static function ofAll(Collection $runs): Collection
    {
        return self::query()->whereIn('run', $runs)->toBase()->get()->keyBy('run');
    }

    /** @return array<string, mixed> as a screen shows it */
    public static function shown(stdClass $row): array
    {
        return self::brief($row) + ['rounds' => json_decode($row->rounds, true, flags: JSON_THROW_ON_ERROR), 'marks' => json_decode($row->marks, true, flags: JSON_THROW_ON_ERROR)];
    }

    /** @return array<string, mixed> how far it is, without its rounds and its marks */
    public static function brief(stdClass $row): array
    {
        return ['done' => $row->done, 'all' => $row->all_steps, 'finished' => (bool) $row->finished, 'stopped' => (bool) $row->stopped, 'next' => $row->next, 'why' => $row->why];
    }

    /**
     * What is painted on the metal, of the runs that are drawn.
     *
     * @param  list<string>  $runs
     * @return array<array-key, mixed> by run
     */
    public static function marksOf(array $runs): array
    {
        return $runs === [] ? [] : array_map(fn (string $marks): mixed => json_decode($marks, true, flags: JSON_THROW_ON_ERROR), DB::table('run_progress')->whereIn('run', $runs)->pluck('marks', 'run')->all());
    }
}
