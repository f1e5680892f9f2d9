<?php

declare(strict_types=1);

namespace App\Record\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Record\Events\StopLifted;
use App\Record\Models\Stop;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;

/** One asks for it and says why it may go on, another one lifts it: nobody alone. */
final readonly class LiftStop
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  string  $signature  the name that is printed under it */
    public function ask(string $id, string $reason, Person $by, string $signature): void
    {
        $this->change($id, 'stop_lift_asked', $by, function (Stop $stop) use ($reason, $signature): array {
            if ($stop->lift_asked_by !== null) {
                throw self::not($stop, 'Somebody has asked for that already. Sign it, or say that it stays.');
            }

            return ['reason' => $reason, 'signature' => $signature];
        });
    }

    /** It stays stopped; whoever asked takes it back by the same word. */
    public function keep(string $id, string $reason, Person $by): void
    {
        $this->change($id, 'stop_kept', $by, fn (Stop $stop): array => $stop->lift_asked_by === null ? throw self::not($stop, 'Nobody has asked to lift it.') : ['reason' => $reason]);
    }

    /** @param  string|null  $seen  why it may go on, as whoever signs has read it; null: nothing stood there */
    public function lift(string $id, Person $by, string $signature, ?string $seen): void
    {
        $this->change($id, 'stop_lifted', $by, fn (Stop $stop): array => match (true) {
            $stop->lift_asked_by === null => throw self::not($stop, 'It takes two: first one asks for it and says why it may go on.'),
            $stop->lift_asked_by === $by->id => throw Refused::forbidden('It takes two: you asked for it, so somebody else lifts it.'),
            $seen !== $stop->lift_reason => throw new Refused(ProblemType::DraftChanged, sprintf('Why it may go on is said otherwise meanwhile: “%s” Read that before you sign it.', $stop->lift_reason), 409),
            default => ['signature' => $signature, 'meaning' => 'it may go on'],
        }, fn (Stop $stop) => event(new StopLifted($stop, $by->id)));
    }

    /**
     * @param  Closure(Stop): array<string, mixed>  $data
     * @param  Closure(Stop): mixed|null  $then  in the same transaction
     */
    private function change(string $id, string $type, Person $by, Closure $data, ?Closure $then = null): void
    {
        $this->recorder->transaction(function () use ($id, $type, $by, $data, $then): void {
            $this->recorder->lock(Stop::stream($id));
            $stop = Stop::query()->find($id) ?? throw Refused::notFound(Stop::missing());
            if ($stop->lifted_at !== null) {
                throw self::not($stop, 'It has been lifted.');
            }
            $this->recorder->append(new Draft(Ids::next(), $type, Stop::stream($id), $by->id, $data($stop)));
            $then === null ? null : $then($stop);
        });
    }

    private static function not(Stop $stop, string $why): Refused
    {
        return new Refused(ProblemType::NotDone, "{$stop->code()}: $why", 409, ['field' => 'stop', 'value' => $stop->code()]);
    }
}
