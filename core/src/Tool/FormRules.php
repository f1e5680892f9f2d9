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

    /**
     * @param  string  $permissible  proposed for a new tool: a share such as "4 %", or so many steps of its scale, "2 steps"
     * @param  list<string>  $points  % of the range, from the lowest
     * @param  array{some: int, much: int}  $elsewhere  pulls that are counted for use elsewhere
     * @param  list<TemplateLine>  $template
     */
    private function __construct(
        public string $permissible,
        public array $points,
        public int $readings,
        public int $preloads,
        public ?int $months,
        public ?int $cycles,
        public DecisionRule $rule,
        public array $template,
        public array $elsewhere,
        public string $note,
    ) {
    }

    /**
     * @param  array<mixed>  $data  as toData() writes it
     *
     * @throws ToolException that names what is wrong in it
     */
    public static function of(array $data): self
    {
        $of = new RuleFields($data);
        $template = array_map(self::line(...), $of->objects('template', self::MOST_LINES));

        return new self(
            $of->permissible(), $of->points(), $of->whole('readings', 1, 30), $of->whole('preloads', 0, 20), $of->optionalWhole('months', 60), $of->optionalWhole('cycles', 1_000_000),
            DecisionRule::tryFrom($of->text('rule')) ?? throw $of->no('rule', $of->text('rule'), implode(', ', array_map(fn (DecisionRule $r): string => $r->value, DecisionRule::cases()))),
            $template, $of->elsewhere(), $of->text('note', 500),
        );
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
