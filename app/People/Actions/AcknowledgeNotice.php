<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/** "I have read it": once, by whom it was sent to. */
final readonly class AcknowledgeNotice
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $notice, Person $person): void
    {
        $this->recorder->transaction(function () use ($notice, $person): void {
            $this->recorder->lock('notice/'.$notice);
            $receipt = DB::table('notice_receipts')->where('notice', $notice)->where('person', $person->id)->first() ?? throw Refused::notFound('There is no such notice for you.');
            if ($receipt->acknowledged_at === null) {
                $this->recorder->append(new Draft(Ids::next(), 'notice_acknowledged', 'notice/'.$notice, $person->id));
            }
        });
    }
}
