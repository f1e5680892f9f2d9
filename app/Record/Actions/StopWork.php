<?php

declare(strict_types=1);

namespace App\Record\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\People\Models\Person;
use App\Record\Models\Stop;
use App\Record\Stoppables;
use App\Record\StopWhat;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/** Stops a revision, a tool or a lot for everybody at once: one person's word is enough. And whoever stands at a bench says that it is known there. */
final readonly class StopWork
{
    public function __construct(private Recorder $recorder, private Stoppables $things)
    {
    }

    /** @return string id of the stop */
    public function __invoke(StopWhat $what, string $key, string $reason, Person $by, ?DeskCommand $command = null): string
    {
        return $this->recorder->transaction(function () use ($what, $key, $reason, $by, $command): string {
            $this->recorder->lock('register/stops');
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored->streamId();
            }
            $thing = $this->things->named($what, $key);
            $already = Stop::query()->where('what', $what->value)->where('key', $thing->key)->whereNull('lifted_at')->first();
            if ($already !== null) {
                throw new Refused(ProblemType::Stopped, "$thing->title is stopped already: {$already->when()}.", 409, ['field' => 'key', 'value' => $thing->title]);
            }
            $id = Ids::next();
            $draft = new Draft($command->id ?? Ids::next(), 'work_stopped', Stop::stream($id), $by->id, [
                'number' => Stop::query()->count() + 1, 'what' => $what->value, 'key' => $thing->key, 'title' => $thing->title, 'short' => $thing->short, 'known_by' => $thing->knownBy, 'reason' => $reason,
            ] + ($thing->knownAs === null ? [] : ['known_as' => $thing->knownAs]));
            $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

            return $id;
        });
    }

    /** "I know": once for each bench, by whoever stands there. */
    public function seen(string $stop, string $device, Person $by): void
    {
        $this->recorder->transaction(function () use ($stop, $device, $by): void {
            $this->recorder->lock(Stop::stream($stop));
            $of = Stop::query()->find($stop) ?? throw Refused::notFound(Stop::missing());
            if ($of->lifted_at === null && ! DB::table('stop_seen')->where('stop', $stop)->where('device', $device)->exists()) {
                $this->recorder->append(new Draft(Ids::next(), 'stop_seen', Stop::stream($stop), $by->id, ['device' => $device]));
            }
        });
    }
}
