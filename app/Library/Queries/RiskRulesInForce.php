<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Joint;
use App\Library\Models\RiskRuleSet;
use Illuminate\Support\Facades\Cache;
use Tekkal\Core\Document\RiskRules;
use Tekkal\Core\Document\Wanting;

/** What the shop wants of each risk class now, and which procedures allow less. */
final class RiskRulesInForce
{
    private const KEPT_S = 86_400;

    public static function set(): ?RiskRuleSet
    {
        return RiskRuleSet::query()->where('state', 'approved')->first();
    }

    /** As the classes come where the shop has said nothing else. */
    public static function rules(): RiskRules
    {
        return self::set()?->read() ?? RiskRules::asTheyCome();
    }

    /**
     * @param  RiskRules  $rules  in force or asked for
     * @param  string  $mark  what tells these from others
     * @return list<array{revision: string, title: string, letter: string, why: string}> procedures in force that allow less
     */
    public static function fallShort(RiskRules $rules, string $mark): array
    {
        $short = [];
        foreach (Procedures::inForceAt(Joint::query()->pluck('id')->all(), now()->toImmutable()) as $one) {
            $why = self::why($one->revision, $rules, $mark);
            if ($why !== []) {
                $short[] = ['revision' => $one->revision, 'title' => Procedures::find($one->procedure)->title(), 'letter' => $one->letter, 'why' => implode(' ', $why)];
            }
        }
        usort($short, fn (array $a, array $b): int => $a['title'] <=> $b['title']);

        return $short;
    }

    /**
     * A revision never changes, nor do rules that were asked for: what was found of the two holds.
     *
     * @return list<string>
     */
    private static function why(string $revision, RiskRules $rules, string $mark): array
    {
        return Cache::remember(sprintf('risk:%s:%s:%s', config('shop.code'), $revision, $mark), self::KEPT_S, fn (): array => array_map(
            fn (Wanting $w): string => $w->sentence(), Wanting::short(Procedures::revision($revision), Procedures::document($revision), $rules),
        ));
    }
}
