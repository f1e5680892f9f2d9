<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\LookBackCase;
use App\Crib\Queries\CribBoard;
use App\People\Ability;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Tools that want a hand, for who keeps them; look-backs without a decision, for who decides. */
final class CribNeeds implements NeedsMe
{
    /** By the way that the board sees: why it waits, and what is on the button. */
    private const WAYS = [
        'ask' => ['Handed out on an earlier day and not brought back.', 'See who has what'], 'calibrate' => ['It goes out to nobody until it is put right.', 'Look at it'],
        'send' => ['What is due goes out to nobody; what goes away together comes back together.', 'See what goes'],
    ];

    public function needs(): array
    {
        return [
            ...(Gate::allows(Ability::WorkCases->value) ? self::cases() : []),
            ...(Gate::allows(Ability::KeepTools->value) ? self::tools() : []),
        ];
    }

    /** @return list<Need> */
    private static function cases(): array
    {
        $open = LookBackCase::query()->leftJoin('tools', 'tools.id', '=', 'look_back_cases.tool')->where('look_back_cases.state', 'open')->orderBy('number')->get(['look_back_cases.*', 'tools.code as tool_code']);
        if ($open->isEmpty()) {
            return [];
        }
        $counts = DB::table('look_back_results')->whereIn('case', $open->modelKeys())->groupBy('case')->selectRaw("`case`, COUNT(DISTINCT IF(verdict = 'in', NULL, subject)) AS engines, SUM(verdict = 'out') AS outside, SUM(verdict = 'in_doubt') AS doubtful")->get()->keyBy('case');

        return array_values($open->map(fn (LookBackCase $c): Need => new Need(
            Urgency::InDoubt, sprintf('%s %s: %s', (string) $c->getAttribute('tool_code'), $c->cause->words(), self::engines((int) ($counts->get($c->id)->engines ?? 0))),
            sprintf('Case %d: %d results are outside when they are judged again, %d are in doubt. It stays open until each is decided about.', $c->number, $counts->get($c->id)->outside ?? 0, $counts->get($c->id)->doubtful ?? 0), 'Go on with the case', '/crib/cases/'.$c->number,
        ))->all());
    }

    private static function engines(int $n): string
    {
        return match ($n) {
            0 => 'no engine is in doubt, and nobody has closed it',
            1 => 'one engine is in doubt',
            default => "$n engines are in doubt",
        };
    }

    /** @return list<Need> */
    private static function tools(): array
    {
        return array_map(function (array $need): Need {
            [$why, $action] = self::WAYS[$need['way']] ?? self::WAYS['calibrate'];

            return new Need(Urgency::Next, ucfirst($need['says']), $why, $action, count($need['tools']) === 1 ? '/crib/tools/'.$need['tools'][0] : '/crib');
        }, (new CribBoard)->needs());
    }
}
