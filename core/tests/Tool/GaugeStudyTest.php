<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Tool\GaugeStudy;
use Tekkal\Core\Tool\ToolException;

/** Example data of AIAG, Measurement Systems Analysis (core/reference/gauge-study.json: recalled, reproduced independently). */
final class GaugeStudyTest extends TestCase
{
    private const TOLERANCE = 1e-4;

    public function test_by_averages_and_ranges_it_comes_to_what_the_manual_prints(): void
    {
        [$study, $known] = self::example();
        $spread = $study->byRange();

        self::assertEqualsWithDelta($known['average_and_range']['EV'], $spread->equipment, self::TOLERANCE);
        self::assertEqualsWithDelta($known['average_and_range']['AV'], $spread->appraiser, self::TOLERANCE);
        self::assertEqualsWithDelta($known['average_and_range']['GRR'], $spread->gauge(), self::TOLERANCE);
        self::assertEqualsWithDelta($known['average_and_range']['PV'], $spread->part, self::TOLERANCE);
        self::assertEqualsWithDelta($known['average_and_range']['TV'], $spread->total(), self::TOLERANCE);
        self::assertEqualsWithDelta($known['average_and_range']['percent_GRR_of_TV'], $spread->percentOfTotal(), 0.01);
        self::assertSame(5, $spread->distinct());
    }

    public function test_by_analysis_of_variance_it_comes_to_what_the_manual_prints(): void
    {
        [$study, $known] = self::example();
        $spread = $study->byVariance();
        $printed = $known['analysis_of_variance']['interaction_pooled'];

        foreach (['EV' => $spread->equipment, 'AV' => $spread->appraiser, 'GRR' => $spread->gauge(), 'PV' => $spread->part, 'TV' => $spread->total()] as $name => $found) {
            self::assertEqualsWithDelta($printed[$name], $found, 1e-9, $name);
        }
    }

    /** Made-up readings, run through R 4.2.2: aov(y ~ part * who) gives the mean squares 0.1425 (part), 0.00083333 (who), 0.33583333 (both), 0.00083333 (residuals). */
    public function test_an_interaction_that_is_there_counts_as_reproducibility_and_not_as_repeatability(): void
    {
        $spread = (new GaugeStudy([[[1.0, 2.0, 1.5], [1.1, 2.0, 1.5]], [[1.6, 1.4, 1.6], [1.6, 1.4, 1.6]]]))->byVariance();

        self::assertEqualsWithDelta(sqrt(0.0008333333), $spread->equipment, 1e-6);
        self::assertEqualsWithDelta(sqrt((0.3358333333 - 0.0008333333) / 2), $spread->appraiser, 1e-6);
    }

    public function test_a_share_of_a_window_is_six_spreads(): void
    {
        [$study] = self::example();

        self::assertEqualsWithDelta(600 * $study->byRange()->gauge() / 4, $study->byRange()->percentOf(4.0), 1e-9);
    }

    public function test_a_study_in_which_a_reading_is_missing_is_refused(): void
    {
        foreach ([[[[1.0, 2.0], [1.0]], [[1.0, 2.0], [1.0, 2.0]]], [[[1.0, 2.0], [1.0, NAN]], [[1.0, 2.0], [1.0, 2.0]]], [[[1.0]]]] as $readings) {
            try {
                new GaugeStudy($readings);
                self::fail('It was taken.');
            } catch (ToolException $e) {
                self::assertSame('readings', $e->what);
            }
        }
    }

    /** @return array{GaugeStudy, array{readings: list<list<list<float>>>, average_and_range: array<string, float>, analysis_of_variance: array{interaction_pooled: array<string, float>}}} */
    private static function example(): array
    {
        /** @var array{readings: list<list<list<float>>>, average_and_range: array<string, float>, analysis_of_variance: array{interaction_pooled: array<string, float>}} $known */
        $known = json_decode((string) file_get_contents(__DIR__.'/../../reference/gauge-study.json'), true);

        return [new GaugeStudy($known['readings']), $known];
    }
}
