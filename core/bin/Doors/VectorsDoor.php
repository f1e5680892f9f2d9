<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\Written;

final class VectorsDoor extends Door
{
    private const WINDOWS = [
        ['30', '34', 'N.m'], ['13.5', '16.5', 'lbf.ft'], ['62', '68', 'lbf.ft'], ['74', '82', 'lbf.in'], ['3.1', '3.3', 'kgf.m'],
        ['75', '85', 'deg'], ['0.125', '0.25', 'turn'], ['0.0050', '0.0058', 'in'], ['0', '0.1', 'mm'],
    ];

    protected function configure(): void
    {
        $this->setName('vectors')->setDescription('The vectors to which the server\'s judgement and the bench\'s straight path are both held, as JSON')
            ->setHelp('bin/tekkal core vectors');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(json_encode(array_map(self::vector(...), self::WINDOWS), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /**
     * @param  array{string, string, string}  $window  low, high and the unit's code
     * @return array<string, mixed>
     */
    private static function vector(array $window): array
    {
        $limits = [Written::fromCode($window[0], $window[2]), Written::fromCode($window[1], $window[2])];
        $window = new Window(...$limits);

        return [
            'low' => (string) $limits[0]->quantity()->inBase(),
            'high' => (string) $limits[1]->quantity()->inBase(),
            'units' => array_map(fn (Unit $u): array => ['code' => $u->code(), 'factor' => (string) $u->factor()], $window->kind()->units()),
            'cases' => self::cases($window, $limits),
        ];
    }

    /**
     * @param  array{Written, Written}  $limits
     * @return list<array<string, string>>
     */
    private static function cases(Window $window, array $limits): array
    {
        $cases = [];
        foreach ($window->kind()->units() as $unit) {
            foreach ([0, 1, 2, 6] as $decimals) {
                foreach (array_merge(...array_map(fn (Written $limit): array => self::around($limit, $unit, $decimals), $limits)) as $digits) {
                    $cases[] = ['digits' => $digits, 'unit' => $unit->code(), 'verdict' => $window->judge(Written::of($digits, $unit)->quantity())->value];
                }
            }
        }

        return $cases;
    }

    /** @return list<string> digits of a limit in a unit, and one last place to either side of it */
    private static function around(Written $limit, Unit $unit, int $decimals): array
    {
        $place = BigDecimal::ofUnscaledValue(1, $decimals);
        $value = $limit->quantity()->inBase()->dividedBy($unit->factor(), $decimals, RoundingMode::HALF_UP);
        $digits = [];
        foreach ([$value->minus($place), $value, $value->plus($place)] as $candidate) {
            if (! $candidate->isNegative()) {
                $digits[] = (string) $candidate;
            }
        }

        return $digits;
    }
}
