<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\Shared\Contracts\FirstStep;
use App\Shared\Contracts\FirstSteps;
use Illuminate\Support\Facades\DB;

/** The first steps of a shop, with what its lead has said about those that are not done. */
final class StepsLeft
{
    public const SAID = ['later', 'not_needed'];

    /** @param  iterable<FirstSteps>  $areas */
    public function __construct(private readonly iterable $areas)
    {
    }

    /** @return list<array{key: string, title: string, about: string, state: string, link: string}> in order; none in a demo, which begins full */
    public function all(): array
    {
        if (config('shop.demo') === true) {
            return [];
        }
        $steps = [];
        foreach ($this->areas as $area) {
            array_push($steps, ...$area->steps());
        }
        usort($steps, fn (FirstStep $a, FirstStep $b): int => $a->place <=> $b->place);
        $said = DB::table('shop_settings')->where('key', 'like', 'step/%')->pluck('value', 'key')->map(fn (string $v): mixed => ((array) json_decode($v, true))[0] ?? null);

        return array_map(fn (FirstStep $s): array => [
            'key' => $s->key, 'title' => $s->title, 'about' => $s->about, 'link' => $s->link,
            'state' => $s->done ? 'done' : (string) ($said->get("step/$s->key") ?? 'open'),
        ], $steps);
    }
}
