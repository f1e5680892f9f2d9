<?php

declare(strict_types=1);

namespace App\Audit\Actions;

use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Record\Models\AsideReading;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\Standing;

/** Disposes of a reading that was set aside or lies in the tray. Its standing stays; this is a later entry that names it. */
final readonly class DismissReading
{
    public const REASONS = ['sent_twice', 'not_this_joint', 'test_pull'];

    public function __construct(
        private Recorder $recorder,
        private ErasableTexts $texts,
    ) {
    }

    public function __invoke(string $entryId, string $reason, ?string $text, Person $lead): void
    {
        $this->recorder->transaction(function () use ($entryId, $reason, $text, $lead): void {
            $aside = AsideReading::query()->lockForUpdate()->find($entryId) ?? throw Refused::notFound('No such reading was set aside.');
            if ($aside->disposed_at !== null) {
                throw new Refused(ProblemType::AlreadyDisposed, 'This reading has already been disposed of.', 409);
            }
            if ($aside->person === $lead->id) {
                throw Refused::forbidden('Nobody disposes of what they tightened.');
            }
            $stream = (string) DB::table('ledger_entries')->where('entry_id', $entryId)->value('stream');
            $id = Ids::next();
            $this->recorder->append(Draft::ofEvent([
                'type' => 'reading_dismissed', 'v' => 1, 'id' => $id, 'person' => $lead->id, 'taken_at' => now()->utc()->format('Y-m-d\TH:i:s.u\Z'),
                'reading' => $entryId, 'reason' => $reason,
            ] + array_filter(['reason_hash' => $this->texts->keep($id, 'reason', $text)]), new Decision((new Outcome(Standing::Applied))->toBody()), $stream, new Concerns($aside->subject)));
        });
    }
}
