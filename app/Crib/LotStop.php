<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\Lot;
use App\Record\Contracts\Stoppable;
use App\Record\Contracts\StoppedThing;
use App\Record\StopWhat;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\StopOrder;

/** A lot, known in a run by the number that was read off its bag. */
final class LotStop implements Stoppable
{
    public function what(): StopWhat
    {
        return StopWhat::Lot;
    }

    public function named(string $key): ?StoppedThing
    {
        $lot = Lot::query()->find($key);
        $as = $lot === null ? null : self::knownAs($lot);

        return $lot === null ? null : new StoppedThing(
            $lot->id, "Lot $lot->number, $lot->name", "Lot $lot->number", '/crib/lots',
            $as === null ? 'No bench asks for the lot of a gasket: which engines it is in the record does not say.' : 'Every engine at which its number was typed or scanned. What went in without a number the record does not know.',
            $as, $lot->number,
        );
    }

    public function runs(string $key): Builder
    {
        $lot = Lot::query()->findOrFail($key);

        return DB::table('lot_uses')->where('lot', Known::plain($lot->number))->where('known_as', (string) self::knownAs($lot))->whereIn('run', DB::table('runs')->whereNull('opened_at')->select('id'))->distinct()->select('run as id');
    }

    private static function knownAs(Lot $lot): ?string
    {
        return match ($lot->kind) {
            'fastener' => StopOrder::FASTENERS,
            'locker', 'lubricant', 'sealant' => StopOrder::AGENT,
            default => null,
        };
    }
}
