<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;

/** What has to lie on the bench before the first round: fasteners and where the odd ones go, what goes on their surfaces, tools, a second person. */
final readonly class Kit
{
    public function __construct(private RunFold $run, private Revision $revision, private Rack $rack)
    {
    }

    /** @return list<array{title: string, lines: list<array{says: string, lacks: bool}>}> */
    public function toArray(): array
    {
        $parts = ['Fasteners' => $this->fasteners(), 'On their surfaces' => $this->surfaces(), 'Tools' => $this->tools(), 'Beside them' => $this->beside()];

        return array_map(fn (string $title, array $lines): array => ['title' => $title, 'lines' => $lines], array_keys(array_filter($parts)), array_values(array_filter($parts)));
    }

    /** @return list<array{says: string, lacks: bool}> */
    private function fasteners(): array
    {
        $lines = [];
        foreach ($this->revision->fasteners as $type) {
            $positions = array_keys(array_filter($this->run->plan->positions, fn ($p): bool => $p->fastener === $type->key));
            usort($positions, fn (int|string $a, int|string $b): int => strnatcmp($this->run->plan->positions[$a]->number, $this->run->plan->positions[$b]->number));
            $where = count($positions) === count($this->run->plan->positions) ? '' : ', '.$this->run->names->places(array_map(strval(...), $positions));
            if ($positions !== []) {
                $lines[] = self::line(count($positions)." × $type->name$where".self::socket($type).($type->reuse === Reuse::Never ? '; new ones, they are used once' : ''));
            }
        }

        return $lines;
    }

    private static function socket(FastenerType $type): string
    {
        return $type->acrossFlats === null ? '' : "; socket $type->acrossFlats".(($type->facts['head'] ?? '') === 'twelve_point' ? ', twelve-point' : '');
    }

    /** @return list<array{says: string, lacks: bool}> */
    private function surfaces(): array
    {
        return array_map(fn (Agent $a): array => self::line(ucfirst($a->surface).": $a->condition".($a->workingTime === null ? '' : ", works for {$a->workingTime->printed}")), $this->run->plan->agents);
    }

    /** @return list<array{says: string, lacks: bool}> by what they are for: those of the crib that may be used for all of it today */
    private function tools(): array
    {
        $needs = [];
        foreach ($this->run->plan->steps as $step) {
            foreach ((new Needs($this->run))->of($step) as $need) {
                $needs[$need->use->value.$need->kinds[0]->value][] = $need;
            }
        }

        return array_values(array_map($this->tool(...), $needs));
    }

    /**
     * @param  non-empty-list<Need>  $needs  of one use
     * @return array{says: string, lacks: bool}
     */
    private function tool(array $needs): array
    {
        $fit = array_filter($this->rack->ofKinds($needs[0]->kinds), fn (RackTool $t): bool => array_filter($needs, fn (Need $n): bool => $n->whyNot($t, $this->rack) !== []) === []);
        $each = array_filter($needs, fn (Need $n): bool => array_filter($this->rack->tools, fn (RackTool $t): bool => $n->whyNot($t, $this->rack) === []) === []);
        $what = ucfirst($needs[0]->kinds[0]->words()).($needs[0]->use === ToolUse::Held ? ' to hold with' : '');
        $codes = array_values(array_map(fn (RackTool $t): string => $t->tool->code, $fit));

        return match (true) {
            $codes !== [] => self::line("$what: ".implode(' or ', array_slice($codes, 0, 3))),
            $each === [] => self::line("$what: more than one, as the rounds ask for them"),
            default => self::line("$what: none of the crib may be used for it today", lacks: true),
        };
    }

    /** @return list<array{says: string, lacks: bool}> */
    private function beside(): array
    {
        $lines = array_map(fn ($c): array => self::line(ucfirst($c->name)), $this->run->plan->consumables);
        foreach ($this->run->plan->rigging->adapters as $adapter) {
            $lines[] = self::line(ucfirst($adapter->name));
        }
        foreach ($this->run->plan->rigging->aids as $aid) {
            $lines[] = self::line(ucfirst($aid->words()));
        }
        $two = array_filter($this->run->plan->steps, fn (Step $s): bool => $s->kind === StageKind::Hold);

        return $two === [] ? $lines : [...$lines, self::line('A second person, who holds')];
    }

    /** @return array{says: string, lacks: bool} */
    private static function line(string $says, bool $lacks = false): array
    {
        return ['says' => $says, 'lacks' => $lacks];
    }
}
