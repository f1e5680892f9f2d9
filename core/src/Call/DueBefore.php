<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Tool\Day;

/** What of a plan no tool will be fit for on the day on which it must be done by, though one is today; and what none is fit for today. */
final readonly class DueBefore
{
    public function __construct(private RunFold $run, private Rack $rack)
    {
    }

    /**
     * Each set of tools once, whatever rounds ask it.
     *
     * @return list<array{kind: string, asks: string, tools: list<string>, would: string|null}> codes of the tools that fit today and are due before; none where none fits today
     */
    public function until(Day $day): array
    {
        $then = (new Served($this->run, $this->rack->on($day)))->toArray();
        $lacks = [];
        foreach ((new Served($this->run, $this->rack))->toArray() as $i => $need) {
            if ($then[$i]['fit'] === []) {
                $lacks[$need['kind'].implode(' ', $need['fit'])] ??= ['kind' => $need['kind'], 'asks' => $need['asks'], 'tools' => $need['fit'], 'would' => $need['would']];
            }
        }

        return array_values($lacks);
    }
}
