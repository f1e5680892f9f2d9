<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Unit\Written;

/** By what tools of a form are calibrated: limits, points, readings, interval and template. Data of the shop, each set with a note of where it comes from. */
final readonly class FormRules
{
    private const MOST_LINES = 20;

    /** Proposed for a new tool: a share such as "4 %", or so many steps of its scale, "2 steps". */
    public string $permissible;

    /** @var list<string> % of the range, from the lowest */
    public array $points;

    public int $readings;

    public int $preloads;

    public ?int $months;

    public ?int $cycles;

    public DecisionRule $rule;

    /** @var list<TemplateLine> */
    public array $template;

    /** @var array{some: int, much: int} pulls that are counted for use elsewhere */
    public array $elsewhere;

    /** Where it is from. */
    public string $note;

    private function __construct(RuleFields $of)
    {
        [$this->permissible, $this->points] = [$of->permissible(), $of->points()];
        [$this->readings, $this->preloads] = [$of->whole('readings', 1, 30), $of->whole('preloads', 0, 20)];
        [$this->months, $this->cycles] = [$of->optionalWhole('months', 60), $of->optionalWhole('cycles', 1_000_000)];
        $this->rule = DecisionRule::tryFrom($of->text('rule')) ?? throw $of->no('rule', $of->text('rule'), implode(', ', array_map(fn (DecisionRule $r): string => $r->value, DecisionRule::cases())));
        $this->template = array_map(self::line(...), $of->objects('template', self::MOST_LINES));
        [$this->elsewhere, $this->note] = [$of->elsewhere(), $of->text('note', 500)];
    }

    /**
     * @param  array<mixed>  $data  as toData() writes it
     *
     * @throws ToolException that names what is wrong in it
     */
    public static function of(array $data): self
    {
        return new self(new RuleFields($data));
    }

    public static function line(RuleFields $line): TemplateLine
    {
        $source = BudgetSource::tryFrom($line->text('source')) ?? throw $line->no('source', $line->text('source'), implode(', ', array_map(fn (BudgetSource $s): string => $s->value, BudgetSource::cases())));

        return $source !== BudgetSource::Fixed
            ? new TemplateLine($line->text('name', 80), $source)
            : new TemplateLine($line->text('name', 80), $source, $line->number('width'), $line->oneOf('in', ['percent', 'unit']) === 'percent', $line->flag('at_lowest'));
    }

    /** @return array<string, mixed> canonical: texts, whole numbers, truths */
    public function toData(): array
    {
        return [
            'permissible' => $this->permissible, 'points' => $this->points, 'readings' => $this->readings, 'preloads' => $this->preloads, 'months' => $this->months, 'cycles' => $this->cycles,
            'rule' => $this->rule->value, 'template' => array_map(self::lineData(...), $this->template), 'elsewhere' => $this->elsewhere, 'note' => $this->note,
        ];
    }

    /** @return array<string, mixed> */
    public static function lineData(TemplateLine $line): array
    {
        $data = ['name' => $line->name, 'source' => $line->source->value];

        return $line->source !== BudgetSource::Fixed ? $data : $data + ['width' => (string) BigDecimal::of((string) $line->width), 'in' => $line->inPercent ? 'percent' : 'unit', 'at_lowest' => $line->atLowest];
    }

    /**
     * The points at which a tool of this range is calibrated, on steps of its scale.
     *
     * @return list<Written>
     */
    public function pointsIn(ToolRange $range, Written $resolution): array
    {
        $points = [];
        foreach ($this->points as $percent) {
            $at = BigDecimal::of($range->highest->decimal())->multipliedBy($percent)->dividedBy(100, 12, RoundingMode::HALF_UP);
            $steps = $at->dividedBy($resolution->decimal(), 0, RoundingMode::HALF_UP)->multipliedBy($resolution->decimal());
            $point = Written::of((string) $steps->stripTrailingZeros()->toScale(max(0, $steps->stripTrailingZeros()->getScale())), $resolution->unit);
            $point = $range->lowest->isGreaterThan($point) ? $range->lowest : ($point->isGreaterThan($range->highest) ? $range->highest : $point);
            $points[$point->decimal()] = $point;
        }

        return array_values($points);
    }

    /** What is proposed for a new tool with such a scale. */
    public function permissibleFor(Written $resolution): Permissible
    {
        if (str_ends_with($this->permissible, '%')) {
            return Permissible::of($this->permissible);
        }
        $steps = (int) $this->permissible;

        return Permissible::amount(Written::of((string) BigDecimal::of($resolution->decimal())->multipliedBy($steps)->stripTrailingZeros(), $resolution->unit));
    }
}
