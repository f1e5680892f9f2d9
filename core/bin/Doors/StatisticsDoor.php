<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Statistics\Capability;
use Tekkal\Core\Statistics\QuantileMethod;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Statistics\TooFew;

final class StatisticsDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('statistics')->setDescription('A sample summed up, and its capability between limits, as JSON')
            ->addArgument('file', InputArgument::REQUIRED, 'one number a line, all in one unit that is not written')
            ->addOption('lower', null, InputOption::VALUE_REQUIRED, 'lower limit, in the unit of the sample')
            ->addOption('upper', null, InputOption::VALUE_REQUIRED, 'upper limit, in the unit of the sample')
            ->setHelp('bin/tekkal core statistics pulls.txt --lower 45 --upper 60');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = self::text($input, 'file');
        $values = self::values($file);
        $limit = fn (string $name): ?float => self::option($input, $name) === null ? null : self::number((string) self::option($input, $name), "--$name");
        try {
            $summary = new Summary($values);
            $next = $summary->n > 1 ? $summary->prediction() : null;
            $report = ['n' => $summary->n, 'mean' => $summary->mean, 'sd' => $summary->n > 1 ? $summary->sd() : null, 'least' => $summary->least, 'most' => $summary->most, 'median' => QuantileMethod::Gumbel->of($values, 0.5), 'next_value' => $next === null ? null : [$next->low, $next->high]];
        } catch (TooFew $e) {
            throw Refusal::invalid("$file: ".$e->getMessage());
        }
        [$lower, $upper] = [$limit('lower'), $limit('upper')];
        if ($lower !== null && $upper !== null && $lower >= $upper) {
            throw Refusal::invalid(sprintf('The lower limit %g must lie below the upper one, %g.', $lower, $upper));
        }
        $output->writeln(self::json($report + ($lower === null && $upper === null ? [] : ['capability' => self::capability($values, $lower, $upper)])), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return list<float> */
    private static function values(string $file): array
    {
        $values = [];
        foreach (explode("\n", self::bytes($file)) as $i => $line) {
            if (trim($line) !== '') {
                $values[] = self::number(trim($line), sprintf('%s, line %d', $file, $i + 1));
            }
        }

        return $values;
    }

    /**
     * @param  list<float>  $values
     * @return array<string, mixed>|string why there is none
     */
    private static function capability(array $values, ?float $lower, ?float $upper): array|string
    {
        try {
            $c = Capability::overall($values, $lower, $upper);

            return ['pp' => $c->potential(), 'ppk' => $c->actual(), 'ppk_interval' => [$c->actualInterval()->low, $c->actualInterval()->high], 'ppm_beyond_the_nearer' => Capability::partsPerMillion($c->actual())];
        } catch (TooFew $e) {
            return $e->getMessage();
        }
    }
}
