<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Csv;
use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Unit\Kind;

/** A plan to read, to put into a table, or to hand on as data. */
final readonly class PlanText
{
    private const COLUMNS = ['no', 'step', 'stage', 'kind', 'place', 'number', 'pass', 'target', 'window', 'watch'];

    public function __construct(
        private Revision $revision,
        private Plan $plan,
        private PlanFigures $figures,
    ) {
    }

    public function text(): string
    {
        $lines = [$this->revision->title, str_replace("\u{A0}", ' ', $this->revision->tighteningLine()->typeset()), ''];
        foreach ($this->rows() as $row) {
            $lines[] = rtrim(sprintf('%4s  %-28s %-18s %s', $row['no'], $row['step'], $row['target'], trim($row['window'].' '.$row['watch'])));
        }

        return implode("\n", [...$lines, '', ...$this->closing()])."\n";
    }

    /** Comma-separated values as RFC 4180 has them. */
    public function csv(): string
    {
        $lines = [Csv::line(self::COLUMNS)];
        foreach ($this->rows() as $row) {
            $lines[] = Csv::line($row);
        }

        return implode("\r\n", $lines)."\r\n";
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'title' => $this->revision->title,
            'line' => $this->revision->tighteningLine()->typeset(),
            'revision_hash' => $this->plan->revisionHash,
            'plan_hash' => $this->plan->hash(),
            'expander' => $this->plan->expander,
            'steps' => $this->rows(),
            'results' => $this->figures->results(),
            'people' => $this->figures->people(),
            'tools' => $this->figures->tools(),
            'consumables' => $this->figures->consumables(),
            'new_fasteners' => $this->figures->newFasteners(),
            'time' => $this->figures->time()->printed,
            'beside' => [...$this->revision->tighteningLine()->rigging(), ...$this->beside()],
            'evidence' => $this->revision->tighteningLine()->evidence(),
            'not_approvable' => $this->revision->whyNotApprovable(),
        ];
    }

    /** @return list<array<string, string>> */
    private function rows(): array
    {
        return array_map($this->row(...), array_keys($this->plan->steps), $this->plan->steps);
    }

    /** @return array<string, string> */
    private function row(int $i, Step $step): array
    {
        $goal = $step->goal() ?? new Goal;
        $own = $step->rules->own;
        $back = $own instanceof LoosenStage ? $own->back : null;
        $check = $own instanceof CheckStage ? $this->plan->checks[$own->check] : null;

        return array_combine(self::COLUMNS, [
            (string) ($i + 1), $step->id, $step->stage, $step->kind->words(), $step->position,
            $this->plan->positions[$step->position]->number ?? '', (string) $step->pass,
            $goal->missing ? 'value missing' : $check->name ?? ($goal->target ?? $back)?->typeset() ?? '',
            $check?->limits() ?? $goal->window?->typeset() ?? '',
            implode('; ', [...array_map(fn (Window $w): string => $w->kind()->value.' '.$w->typeset(), $goal->monitored), ...$this->besides($step, $goal)]),
        ]);
    }

    /** @return list<string> from which torque the angle counts where that differs, and what a wrench is set to with its adapter */
    private function besides(Step $step, Goal $goal): array
    {
        $adapter = $step->quantity() === Kind::Torque && $goal->target !== null ? $this->plan->adapterAt($step->position) : null;

        return [
            ...($goal->threshold === null ? [] : ['from '.$goal->threshold->typeset()]),
            ...($adapter === null ? [] : [sprintf('set %s with %s', $adapter->settingFor($goal->target)->typeset(), $adapter->name)]),
        ];
    }

    /** @return list<string> one line for each round beside which something is done */
    private function beside(): array
    {
        $lines = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $beside = $this->revision->tighteningLine()->beside($stage);
            $beside === [] ? null : $lines[] = sprintf('Round %d: %s', $i + 1, implode('; ', $beside));
        }

        return $lines;
    }

    /** @return list<string> */
    private function closing(): array
    {
        $results = $this->figures->results();
        [$least, $most] = [array_sum(array_column($results, 'least')), array_sum(array_column($results, 'most'))];
        $new = $this->figures->newFasteners();

        return [
            'Results: '.($least === $most ? (string) $least : "$least to $most"),
            'People: '.$this->figures->people(),
            'Tools: '.implode('; ', array_map(self::tool(...), $this->figures->tools())),
            'Used up: '.($this->figures->consumables() === [] ? 'nothing' : implode(', ', $this->figures->consumables())),
            'New fasteners: '.($new === [] ? 'none' : implode(', ', array_map(fn (string $t, int $n): string => "$n × $t", array_keys($new), $new))),
            'Time, estimated: '.$this->figures->time()->printed,
            ...$this->revision->tighteningLine()->rigging(),
            ...$this->beside(),
            ...$this->revision->tighteningLine()->evidence(),
            ...array_map(fn (string $s): string => "Not to be approved yet. $s", $this->revision->whyNotApprovable()),
        ];
    }

    /** @param  array{kind: string, lowest: string|null, highest: string|null}  $tool */
    private static function tool(array $tool): string
    {
        $range = $tool['lowest'] === $tool['highest'] ? (string) $tool['highest'] : "$tool[lowest] to $tool[highest]";

        return trim(str_replace('_', ' ', $tool['kind']).' '.$range);
    }
}
