<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\RevisionStatus;
use App\Library\Queries\Procedures;
use App\Record\Contracts\Stoppable;
use App\Record\Contracts\StoppedThing;
use App\Record\StopWhat;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\StopOrder;

/** A revision that was ever approved: engines are made by it even after a newer one has come. */
final class RevisionStop implements Stoppable
{
    public function what(): StopWhat
    {
        return StopWhat::Revision;
    }

    public function named(string $key): ?StoppedThing
    {
        $status = RevisionStatus::query()->find($key);
        if ($status === null || ! in_array($status->state, [RevisionState::Approved, RevisionState::Superseded, RevisionState::Withdrawn], true)) {
            return null;
        }
        $procedure = Procedures::find($status->procedure);

        return new StoppedThing($key, "{$procedure->title()}, revision $status->letter", "Revision $status->letter", '/library/'.$key, 'Every engine of which a joint was begun by it.', StopOrder::REVISION, $key);
    }

    public function runs(string $key): Builder
    {
        return DB::table('runs')->where('revision', $key)->whereNull('opened_at')->select('id');
    }
}
