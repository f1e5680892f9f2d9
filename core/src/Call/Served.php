<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolRange;

/** Which tools of the crib can carry out a procedure, round by round, ranked; why each other of the kind cannot; and what would, where none can. */
final readonly class Served
{
    public function __construct(private RunFold $run, private Rack $rack)
    {
    }

    /**
     * Each thing that is asked of a tool once, whichever steps ask it.
     *
     * @return list<array{stage: string, kind: string, asks: string, fit: list<string>, others: list<array{tool: string, why: list<string>}>, would: string|null}>
     */
    public function toArray(): array
    {
        $seen = [];
        foreach ($this->run->plan->steps as $step) {
            foreach ((new Needs($this->run))->of($step) as $need) {
                $seen[$step->stage.' '.$need->key()] ??= $this->need($step, $need);
            }
        }

        return array_values($seen);
    }

    /** @return array{stage: string, kind: string, asks: string, fit: list<string>, others: list<array{tool: string, why: list<string>}>, would: string|null} */
    private function need(Step $step, Need $need): array
    {
        $fit = $others = [];
        foreach ($this->rack->ofKinds($need->kinds) as $tool) {
            $why = $need->whyNot($tool, $this->rack);
            $why === [] ? $fit[] = $tool : $others[] = ['tool' => $tool->tool->code, 'why' => $why];
        }
        // The one whose range it fills best comes first: it is read most finely there.
        usort($fit, fn (RackTool $a, RackTool $b): int => self::top($a->tool->range) <=> self::top($b->tool->range) ?: strnatcmp($a->tool->code, $b->tool->code));

        return [
            'stage' => $step->rules->name() ?? ucfirst(str_replace('_', ' ', $step->stage)), 'kind' => $need->kinds[0]->words(), 'asks' => self::asks($need),
            'fit' => array_map(fn (RackTool $t): string => $t->tool->code, $fit), 'others' => $others, 'would' => $fit === [] ? self::would($need) : null,
        ];
    }

    /** "168 N·m within 159.6–176.4 N·m" */
    private static function asks(Need $need): string
    {
        $asks = $need->requirement;

        return $asks === null ? 'its calibration in date' : sprintf('%s within %s%s', $asks->target->typeset(), $asks->window->typeset(), $asks->holds ? ', held '.$asks->direction : ($asks->direction === 'clockwise' ? '' : ', '.$asks->direction));
    }

    private static function would(Need $need): string
    {
        $kinds = implode(' or ', array_map(fn (ToolKind $k): string => $k->withArticle(), $need->kinds));
        $asks = $need->requirement;

        return $asks === null ? "$kinds in calibration" : sprintf('%s whose range holds %s, whose scale has a step in %s%s, in calibration', $kinds, $asks->target->typeset(), $asks->window->typeset(), $asks->holds ? ' and which shows its torque' : '');
    }

    private static function top(ToolRange $range): float
    {
        return $range->highest->quantity()->inBase()->toFloat();
    }
}
