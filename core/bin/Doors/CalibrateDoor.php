<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Brick\Math\BigDecimal;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\CalibrationResult;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

final class CalibrateDoor extends Door
{
    private const KEYS = ['class', 'largest', 'points', 'expanded_percent', 'rule', 'on', 'months'];

    /** Calibrated again after so many, where nothing else is agreed (ISO 6789:2003, 6.3, from memory; the shop's own procedure takes precedence). */
    private const MONTHS = 12;

    protected function configure(): void
    {
        $this->setName('calibrate')->setDescription('A calibration judged point by point, as JSON')
            ->addArgument('file', InputArgument::REQUIRED, 'JSON: class (I_A to II_G), largest ("200 N·m"), points ({"shown": "100 N·m", "reference": ["100.4 N·m", …]}), expanded_percent ("1.5", k = 2), rule, on ("2026-08-31"), months (12)')
            ->setHelp('bin/tekkal core calibrate docs/formats/calibrations/wrench.json');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $given = self::given(self::text($input, 'file'));
        $class = WrenchClass::tryFrom(self::word($given, 'class')) ?? throw Refusal::invalid('class: one of '.implode(', ', array_column(WrenchClass::cases(), 'value')).' is wanted.');
        $rule = isset($given['rule']) ? DecisionRule::tryFrom(self::word($given, 'rule')) ?? throw Refusal::invalid('rule: one of '.implode(', ', array_column(DecisionRule::cases(), 'value')).' is wanted.') : DecisionRule::Simple;
        $largest = self::exactly(self::word($given, 'largest'), 'largest');
        $permissible = $class->permissibleDeviation($largest->toFloat());
        $result = new CalibrationResult(self::points($given['points'] ?? null), $permissible, self::percent($given['expanded_percent'] ?? '0'), $rule, $largest);
        $output->writeln(self::json([
            'class' => $class->words(), 'permissible_percent' => $permissible, 'expanded_percent' => $result->expanded, 'rule' => $result->rule->words(), 'conforms' => $result->conforms(), 'faults' => $result->faults(), 'due_on' => self::due($given)?->date,
            'points_wanted_nm' => array_map(fn (BigDecimal $p): float => $p->toFloat(), CalibrationPoint::wanted($largest)),
            'repeatability_percent' => $result->repeatability(),
            'points' => array_map(fn (CalibrationPoint $p): array => ['shown' => $p->shown, 'deviations_percent' => $p->deviations(), 'mean_percent' => $p->meanDeviation()], $result->points),
        ]), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /**
     * When it is due again; null where it is not said when it was calibrated.
     *
     * @param  array<array-key, mixed>  $given
     */
    private static function due(array $given): ?Day
    {
        $months = $given['months'] ?? self::MONTHS;
        if (! is_int($months)) {
            throw Refusal::invalid('months: a whole number is wanted, 1 to 600.');
        }

        return isset($given['on']) ? Day::of(self::word($given, 'on'))->plusMonths($months) : null;
    }

    /** @return array<array-key, mixed> */
    private static function given(string $file): array
    {
        $given = json_decode(self::bytes($file), true);
        if (! is_array($given) || array_is_list($given)) {
            throw Refusal::invalid("$file: a JSON object with \"class\", \"largest\" and \"points\" is wanted.");
        }
        $strange = array_diff(array_keys($given), self::KEYS);

        return $strange === [] ? $given : throw Refusal::invalid(sprintf('%s: there is no field "%s"; known are %s.', $file, implode('", "', $strange), implode(', ', self::KEYS)));
    }

    /** @param  array<array-key, mixed>  $given */
    private static function word(array $given, string $key): string
    {
        return is_string($given[$key] ?? null) ? $given[$key] : throw Refusal::invalid("$key: a text is wanted.");
    }

    /** As a text or as a JSON number: either says the same. */
    private static function percent(mixed $value): float
    {
        $percent = match (true) {
            is_int($value), is_float($value) => (float) $value,
            is_string($value) => self::number($value, 'expanded_percent'),
            default => throw Refusal::invalid('expanded_percent: a number is wanted, such as "1.5".'),
        };

        return $percent >= 0 ? $percent : throw Refusal::invalid(sprintf('expanded_percent: %g is below 0.', $percent));
    }

    /** In N·m, with all its digits. */
    private static function exactly(string $text, string $field): BigDecimal
    {
        $parsed = QuantityParser::parse($text, Kind::Torque);

        return $parsed instanceof Understood ? $parsed->value->quantity()->inBase()
            : throw Refusal::invalid(sprintf('%s: "%s" is no torque with its unit, such as 45 N·m.', $field, $text));
    }

    /** @return non-empty-list<CalibrationPoint> */
    private static function points(mixed $given): array
    {
        $points = [];
        foreach (is_array($given) ? array_values($given) : [] as $i => $point) {
            $where = sprintf('point %d', $i + 1);
            $reference = is_array($point) && is_array($point['reference'] ?? null) ? array_values($point['reference']) : [];
            if (! is_array($point) || ! is_string($point['shown'] ?? null) || $reference === [] || $reference !== array_filter($reference, is_string(...))) {
                throw Refusal::invalid("$where: {\"shown\": \"100 N·m\", \"reference\": [\"100.4 N·m\", …]} is wanted.");
            }
            $points[] = new CalibrationPoint(self::exactly($point['shown'], $where), array_map(fn (string $r): BigDecimal => self::exactly($r, $where), $reference));
        }

        return $points === [] ? throw Refusal::invalid('points: at least one point is wanted.') : $points;
    }
}
