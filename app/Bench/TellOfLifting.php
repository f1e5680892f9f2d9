<?php

declare(strict_types=1);

namespace App\Bench;

use App\People\Actions\SendNotice;
use App\Record\Events\StopLifted;
use App\Record\Models\Run;
use App\Record\Stoppables;

/** Whoever has a run in hand that was halted hears that it may go on. */
final readonly class TellOfLifting
{
    public function __construct(private SendNotice $send, private Stoppables $things)
    {
    }

    public function handle(StopLifted $lifted): void
    {
        $stop = $lifted->stop;
        $runs = Run::query()->whereNull('finished_at')->whereNull('opened_at');
        $runs->getQuery()->whereIn('id', $this->things->runs($stop->what, $stop->key));
        ($this->send)("$stop->title may be used again", sprintf('It was %s; two have lifted that. “%s”', $stop->when(), $stop->lift_reason), '', array_values(array_diff($runs->pluck('person')->all(), [$lifted->by])), $lifted->by);
    }
}
