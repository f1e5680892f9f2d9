<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Plan\StraightGoal;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Fitness;
use Tekkal\Core\Tool\Requirement;
use Tekkal\Core\Tool\Setting;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Unit\Kind;

/** Which tools a run may use, and why the others may not. */
final class ToolChoice
{
    /** @var array<string, Fitness> */
    private array $judged = [];

    /** @return list<string> why the tool may not be taken today for the plan's steps of this quantity; empty when it may */
    public function whyNot(ToolRow $tool, Kind $quantity, Plan $plan): array
    {
        $today = ToolBook::day(now()->toImmutable());
        $reasons = [];
        foreach ($this->distinct($plan, $quantity) as $goal) {
            array_push($reasons, ...$this->fitness($tool, $goal, $today)->reasons);
        }

        return array_values(array_unique($reasons));
    }

    /** Judged once for each target and day: the readings of a batch ask the same again and again. */
    public function fitness(ToolRow $tool, StraightGoal $goal, Day $day): Fitness
    {
        return $this->judged[implode(' ', [$tool->id, $goal->quantity->value, $goal->target->code(), $goal->window->typeset(), $day->date])] ??= Fitness::judge(
            ToolBook::tool($tool), ToolBook::historyOf($tool->loadMissing('calibrations')->calibrations), new Requirement(ToolKind::for($goal->quantity) ?? ToolKind::TorqueWrench, $goal->target, $goal->window), $day,
        );
    }

    /**
     * Every tool that measures the quantity, fit or not, with the number to reach on its own scale by step.
     *
     * @return list<array<string, mixed>>
     */
    public function offers(Plan $plan, Kind $quantity): array
    {
        $kind = ToolKind::for($quantity);

        return array_values(ToolRow::query()->where('kind', $kind?->value)->with('calibrations')->get()->sortBy('code')->map(function (ToolRow $row) use ($plan, $quantity): array {
            $tool = ToolBook::tool($row);
            $reasons = $this->whyNot($row, $quantity, $plan);

            return [
                'id' => $row->id, 'code' => $row->code, 'name' => $row->name, 'range' => $tool->range->typeset(), 'kind_words' => $tool->kind->words(),
                'unit' => ['code' => $tool->resolution->unit->code(), 'symbol' => $tool->resolution->unit->symbol()],
                'resolution' => $tool->resolution->decimal(),
                'reasons' => $reasons,
                'settings' => $reasons === [] ? $this->settings($plan, $quantity, $row) : [],
            ];
        })->all());
    }

    /** @return list<array{step: string, digits: string, low: string, high: string}> */
    private function settings(Plan $plan, Kind $quantity, ToolRow $row): array
    {
        $resolution = ToolBook::tool($row)->resolution;
        $decimals = strlen(strrchr($resolution->decimal(), '.') ?: '.') - 1;
        $settings = [];
        foreach ($plan->steps as $step) {
            $goal = $step->quantity() === $quantity ? $step->straightGoal() : null;
            $setting = $goal === null ? null : Setting::nearest($goal->target, $goal->window, $resolution);
            $shown = $goal?->window->displayedIn($resolution->unit, $decimals);
            if ($setting !== null && $shown !== null) {
                $settings[] = ['step' => $step->id, 'digits' => $setting->digits] + $shown;
            }
        }

        return $settings;
    }

    /** @return list<StraightGoal> each target and window once */
    public function distinct(Plan $plan, Kind $quantity): array
    {
        $goals = [];
        foreach ($plan->steps as $step) {
            if ($step->quantity() === $quantity) {
                $goal = $step->straightGoal();
                $goals[$goal->target->typeset().$goal->window->typeset()] ??= $goal;
            }
        }

        return array_values($goals);
    }
}
