<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Permit;
use App\People\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Which departures are permitted, for which engines, and until when. */
final class Permits
{
    private const SHOWN = ['asker', 'ofProcedure.atJoint.inFamily', 'ofJoint', 'ofSubject'];

    /** @return list<array<string, mixed>> */
    public static function all(?string $procedure = null): array
    {
        $permits = Permit::query();
        if ($procedure !== null) {
            $permits->getQuery()->where('procedure', $procedure);
        }

        return array_values($permits->with(self::SHOWN)->get()->sortByDesc('asked_at')->map(self::toArray(...))->all());
    }

    /**
     * In force for one engine on a day; of a permit with a count, those that came first.
     *
     * @return list<array<string, mixed>>
     */
    public static function coveringRun(string $procedure, string $serial, CarbonImmutable $on, ?string $run = null): array
    {
        $date = $on->setTimezone(Shop::here()->timeZone)->format('Y-m-d');
        $permits = Permit::query()->with(self::SHOWN)->where('procedure', $procedure)->where('state', 'approved')->get()->filter(fn (Permit $p): bool => $p->approved_at !== null
            && $p->approved_at->lessThanOrEqualTo($on) && $p->valid_from->format('Y-m-d') <= $date
            && ($p->valid_until === null || $p->valid_until->format('Y-m-d') >= $date)
            && ($p->serials() === [] || in_array($serial, $p->serials(), true))
            && self::amongTheFirst($p, $on, $run));

        return array_values($permits->map(self::toArray(...))->all());
    }

    /**
     * For engines to leave the shop with a joint that is not recorded: asked for, or approved.
     *
     * @param  array<array-key, mixed>  $builds
     * @return array<string, array<string, Permit>> by build and joint
     */
    public static function ofUnrecorded(array $builds): array
    {
        $permits = [];
        foreach (Permit::query()->whereIn('subject', $builds)->whereIn('state', ['asked', 'approved'])->orderBy('asked_at')->get() as $permit) {
            $permits[(string) $permit->subject][(string) $permit->joint] = $permit;
        }

        return $permits;
    }

    private static function amongTheFirst(Permit $permit, CarbonImmutable $on, ?string $run): bool
    {
        return $permit->quantity === null || self::used($permit, $on, $run) < $permit->quantity;
    }

    /** How many engines have been worked on under it, before a moment. */
    private static function used(Permit $permit, ?CarbonImmutable $before = null, ?string $except = null): int
    {
        $subjects = DB::table('runs')->join('revision_states', 'revision_states.revision', '=', 'runs.revision')->join('subjects', 'subjects.id', '=', 'runs.subject')
            ->where('revision_states.procedure', $permit->procedure)->where('runs.id', '!=', $except ?? '')
            ->where('runs.begun_at', '>=', ($permit->approved_at ?? CarbonImmutable::now())->format('Y-m-d H:i:s.u'))
            ->where('runs.begun_at', '<', ($before ?? CarbonImmutable::now())->format('Y-m-d H:i:s.u'));
        if ($permit->valid_until !== null) {
            $subjects->where('runs.begun_at', '<', CarbonImmutable::parse($permit->valid_until->format('Y-m-d'), Shop::here()->timeZone)->addDay()->utc()->format('Y-m-d H:i:s.u'));
        }
        if ($permit->serials() !== []) {
            $subjects->whereIn('subjects.serial', $permit->serials());
        }

        return $subjects->distinct()->count('runs.subject');
    }

    /** @return array<string, mixed> */
    private static function toArray(Permit $permit): array
    {
        $used = $permit->state === 'approved' && $permit->procedure !== null ? self::used($permit) : 0;

        return [
            'id' => $permit->id, 'code' => $permit->code, 'procedure' => $permit->procedure, 'build' => $permit->subject, 'title' => $permit->title(),
            'stage' => $permit->stage, 'departure' => $permit->departure, 'reason' => $permit->reason, 'customer_reference' => $permit->customer_reference,
            'quantity' => $permit->quantity, 'used' => min($used, $permit->quantity ?? PHP_INT_MAX), 'serials' => $permit->serials(),
            'valid_from' => $permit->valid_from->format('Y-m-d'), 'valid_until' => $permit->valid_until?->format('Y-m-d'),
            'state' => self::state($permit, $used), 'asked_by' => $permit->asker?->displayName(),
            'signature' => $permit->signature, 'approved_at' => $permit->approved_at?->toIso8601ZuluString(),
        ];
    }

    /** Approved ones end by themselves: by date or by count. */
    private static function state(Permit $permit, int $used): string
    {
        $today = CarbonImmutable::now()->setTimezone(Shop::here()->timeZone)->format('Y-m-d');

        return match (true) {
            $permit->state !== 'approved' => $permit->state,
            $permit->valid_until !== null && $permit->valid_until->format('Y-m-d') < $today => 'ended',
            $permit->quantity !== null && $used >= $permit->quantity => 'used up',
            $permit->valid_from->format('Y-m-d') > $today => 'not yet',
            default => 'in force',
        };
    }
}
