<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Record\Models\Fitting;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;

/** Which subassembly is in which engine, as entries tell of their fitting and coming off. */
final class FittingRows
{
    public static function tell(Entry $entry): void
    {
        $at = $entry->receivedAt()->format('Y-m-d H:i:s.u');
        match ($entry->type()) {
            'subassembly_fitted' => self::row($entry->id(), $entry->streamId(), $entry->text('data.subassembly'), $entry->text('data.kind'), ['fitted_at' => $at]),
            'subassembly_taken_off' => self::takenOff($entry, $at),
            default => null,
        };
    }

    /** A build that comes after another one of the same engine has in it what was in it when it left. */
    public static function passOn(string $entry, Subject $build): void
    {
        $before = Lineage::before($build);
        $in = $before === null ? [] : Fitting::query()->where('engine', $before->id)->whereNull('removed_at')->get()->all();
        foreach ($in as $fitting) {
            self::row($entry, $build->id, $fitting->subassembly, $fitting->kind, ['fitted_at' => $fitting->getAttributes()['fitted_at']]);
            Fitting::query()->where('engine', $fitting->engine)->where('subassembly', $fitting->subassembly)->whereNull('removed_at')->update(['passed_on' => true]);
        }
    }

    /** That build was opened by mistake: what was in the engine is in it as before. */
    public static function calledOff(Subject $build): void
    {
        $before = Lineage::before($build);
        if ($before !== null) {
            Fitting::query()->where('engine', $before->id)->whereNull('removed_at')->update(['passed_on' => false]);
        }
        Fitting::query()->where('engine', $build->id)->delete();
    }

    private static function takenOff(Entry $entry, string $at): void
    {
        $off = ['removed_at' => $at, 'removed_why' => $entry->text('data.why')];
        foreach ((array) data_get($entry->body, 'data.joints') as $one) {
            Run::query()->whereKey(data_get($one, 'run'))->update(['went_with' => $entry->text('data.subassembly')]);
        }
        $entry->flag('data.own')
            ? self::row($entry->id(), $entry->streamId(), $entry->text('data.subassembly'), $entry->text('data.kind'), $off)
            : Fitting::query()->where('engine', $entry->streamId())->where('subassembly', $entry->text('data.subassembly'))->whereNull('removed_at')->update($off);
    }

    /** @param  array<string, mixed>  $values */
    private static function row(string $entry, string $engine, string $subassembly, string $kind, array $values): void
    {
        Fitting::query()->insert(['entry_id' => $entry, 'engine' => $engine, 'subassembly' => $subassembly, 'kind' => $kind] + $values);
    }
}
