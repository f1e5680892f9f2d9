<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\Record\Queries\RunHistory;
use Illuminate\Support\Facades\Cache;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\Served;
use Tekkal\Core\Ledger\CanonicalJson;

/** The whole library held against the crib as it is today: which tools carry out which round, and which procedures none can. */
final class ServedProcedures
{
    private const KEPT_S = 86_400;

    /** @return array{procedures: list<array<string, mixed>>, lacking: int} those that lack something first */
    public static function today(): array
    {
        $rack = CribRack::today();
        $joints = Joint::query()->get()->keyBy('id');
        $families = Family::query()->pluck('name', 'id');
        $mark = hash('sha256', CanonicalJson::encode(['day' => $rack->day->date, 'tools' => $rack->toBody()['tools']]));
        $list = [];
        foreach (Procedures::inForceAt($joints->keys()->all(), now()->toImmutable()) as $one) {
            $needs = self::needs($one->planHash, $rack, $mark);
            $joint = $joints[$one->joint] ?? null;
            $list[] = [
                'revision' => $one->revision, 'family' => (string) ($families[$joint->family ?? ''] ?? ''), 'joint' => $joint->name ?? '', 'option' => $one->option, 'letter' => $one->letter,
                'lacks' => count(array_filter($needs, fn (array $n): bool => $n['fit'] === [])), 'needs' => $needs,
            ];
        }
        usort($list, fn (array $a, array $b): int => [$a['lacks'] === 0, $a['family'], $a['joint'], $a['option']] <=> [$b['lacks'] === 0, $b['family'], $b['joint'], $b['option']]);

        return ['procedures' => $list, 'lacking' => count(array_filter($list, fn (array $p): bool => $p['lacks'] > 0))];
    }

    /**
     * A plan never changes: as long as the crib does not either, what was found of the two holds.
     *
     * @return list<array{stage: string, kind: string, asks: string, fit: list<string>, others: list<array{tool: string, why: list<string>}>, would: string|null}>
     */
    private static function needs(string $plan, Rack $rack, string $mark): array
    {
        return Cache::remember(sprintf('served:%s:%s:%s', config('shop.code'), substr($plan, 0, 24), substr($mark, 0, 24)), self::KEPT_S, fn (): array => (new Served(RunHistory::foldEntries([], Procedures::plan($plan)), $rack))->toArray());
    }
}
