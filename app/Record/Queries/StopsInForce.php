<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Record\Models\Stop;
use App\Record\StopWhat;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\StopOrder;

/** What is stopped, and was at the time of what comes in late. Read once for a request, since every reading asks for it. */
final class StopsInForce
{
    /** So long a bench may keep what it has seen before it sends it; a day more for its clock. */
    private const LATE_DAYS = 4;

    /** @var Collection<int, Stop> */
    private Collection $stops;

    public function __construct()
    {
        $this->stops = Stop::query()->with('stopper')->where(fn ($q) => $q->whereNull('lifted_at')->orWhere('lifted_at', '>', now()->subDays(self::LATE_DAYS)))->orderBy('number')->get();
    }

    public static function here(): self
    {
        return app(self::class);
    }

    /** Once something was stopped or lifted, what was read before it does not hold. */
    public static function readAgain(): void
    {
        app()->forgetInstance(self::class);
    }

    /** Was nothing stopped lately? */
    public function isEmpty(): bool
    {
        return $this->stops->isEmpty();
    }

    /** @return Collection<int, Stop> */
    public function all(?DateTimeImmutable $at = null): Collection
    {
        $at = CarbonImmutable::instance($at ?? now());

        return $this->stops->filter(fn (Stop $s): bool => $s->wasInForce($at));
    }

    public function of(StopWhat $what, string $key, ?DateTimeImmutable $at = null): ?Stop
    {
        return $this->stops->isEmpty() ? null : $this->all($at)->first(fn (Stop $s): bool => $s->what === $what && $s->key === $key);
    }

    /** @return array{number: int, says: string, why: string}|null as screens say it */
    public function told(StopWhat $what, string $key): ?array
    {
        $stop = $this->of($what, $key);

        return $stop === null ? null : ['number' => $stop->number, 'says' => $stop->says(), 'why' => $stop->reason];
    }

    /** @throws Refused when the revision is stopped: nothing new is done by it */
    public function refuse(string $revision): void
    {
        $stop = $this->of(StopWhat::Revision, $revision);
        if ($stop !== null) {
            throw new Refused(ProblemType::Stopped, sprintf('%s It goes on when two have lifted that.', $stop->says()), 409, ['field' => 'revision', 'value' => $stop->title]);
        }
    }

    /**
     * Those that a run by this revision could come to, the revision's own first.
     *
     * @param  string|null  $device  that may have said that it knows
     * @return list<StopOrder>
     */
    public function orders(string $revision, ?string $device, ?DateTimeImmutable $at = null): array
    {
        $stops = $this->stops->isEmpty() ? $this->stops : $this->all($at)->filter(fn (Stop $s): bool => $s->what !== StopWhat::Revision || $s->key === $revision)->sortBy(fn (Stop $s): int => $s->what === StopWhat::Revision ? 0 : 1);
        $seen = $device === null || $stops->isEmpty() ? [] : DB::table('stop_seen')->where('device', $device)->whereIn('stop', $stops->modelKeys())->pluck('stop')->all();

        return array_values(array_filter($stops->map(fn (Stop $s): ?StopOrder => $s->order(in_array($s->id, $seen, true)))->all()));
    }

    /** Moves whenever something is stopped or lifted: a bench that has seen another one asks again. */
    public static function version(): int
    {
        return (int) DB::scalar('SELECT COUNT(*) + COUNT(lifted_at) FROM stops');
    }
}
