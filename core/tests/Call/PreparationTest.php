<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Kit;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\StepTimes;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\RunPhase;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** What comes before the first round. Facts of the trade: heads are read before they are pulled, threads are prepared before they are turned. */
final class PreparationTest extends TestCase
{
    private const EXAMPLE = '11-trial-fit';

    public function test_what_is_stamped_is_asked_first_and_the_card_does_not_say_what_it_should_be(): void
    {
        [, $answers] = $this->bench();
        $call = $answers->call();

        self::assertSame('stamp', $call['kind']);
        self::assertStringNotContainsString('ST 9', $call['title'].implode(' ', $call['says']));
        self::assertSame(['That is stamped', 'KIT 4', 'ST 9', 'It cannot be read'], array_column($call['answers'], 'says'));
    }

    /** @return iterable<string, array{string}> */
    public static function same(): iterable
    {
        yield 'as it is written' => ['ST 9'];
        yield 'small' => ['st 9'];
        yield 'close' => ['ST9'];
        yield 'with a hyphen' => ['ST-9'];
    }

    #[DataProvider('same')]
    public function test_it_fits_however_it_was_struck_and_is_asked_once(string $reads): void
    {
        [$bench, $answers] = $this->bench();
        $this->reads($bench, $answers, $reads);

        self::assertNotSame('stamp', $answers->call()['kind']);
    }

    public function test_a_stamp_of_other_hardware_stops_and_names_the_hardware_that_carries_it(): void
    {
        [$bench, $answers] = $this->bench();
        $this->reads($bench, $answers, 'kit 4');
        $call = $answers->call();

        self::assertSame('Other hardware', $call['title']);
        self::assertStringContainsString('“kit 4”; this procedure is for “ST 9”', $call['says'][0]);
        self::assertStringContainsString('That is what stud kit carries', $call['says'][1]);
        self::assertSame('Leave it to the lead', array_column($call['answers'], 'says', 'key')['*'] ?? null);
    }

    public function test_left_to_the_lead_the_job_is_parked_with_what_was_read(): void
    {
        [$bench, $answers] = $this->bench();
        $this->reads($bench, $answers, 'KIT 4');
        $bench->told((array) (array_column($answers->call()['answers'], 'event', 'key')['*'] ?? []));

        self::assertSame(RunPhase::Parked, $bench->fold->state->run()->is);
    }

    public function test_a_stamp_that_nobody_knows_stops_too_and_reading_again_goes_on(): void
    {
        [$bench, $answers] = $this->bench();
        $this->reads($bench, $answers, '8.8');
        self::assertStringContainsString('No hardware that is known here', $answers->call()['says'][1]);
        $this->reads($bench, $answers, 'ST 9');

        self::assertNotSame('stamp', $answers->call()['kind']);
    }

    public function test_a_worn_stamp_is_on_record_as_that_and_holds_nothing_up(): void
    {
        [$bench, $answers] = $this->bench();
        $bench->told((array) (array_column($answers->call()['answers'], 'event', 'says')['It cannot be read'] ?? []));

        self::assertNotSame('stamp', $answers->call()['kind']);
    }

    public function test_what_was_read_stays_read_when_the_first_pull_is_taken_back(): void
    {
        [$bench, $answers] = $this->bench();
        $answers->until(fn (array $call): bool => $call['title'] === 'Bolt 2');
        $pull = $bench->lines[count($bench->lines) - 1];
        $bench->does('reading_withdrawn', ['reading' => $pull['id'], 'step' => $pull['step'], 'reason' => 'misread_scale', 'second_person' => 'bo']);

        self::assertSame('Bolt 1', $answers->call()['title']);
    }

    public function test_nothing_is_asked_where_nobody_has_said_what_is_stamped_and_nothing_once_a_bolt_was_pulled(): void
    {
        self::assertNotSame('stamp', (new Answers(new Bench(self::EXAMPLE), ShopRack::good()))->call()['kind']);
        $bench = new Bench(self::EXAMPLE);
        (new Answers($bench, ShopRack::good()))->until(fn (array $call): bool => $call['title'] === 'Bolt 2');

        self::assertNotSame('stamp', $this->answers($bench)->call()['kind']);
    }

    public function test_every_surface_is_acknowledged_before_the_first_round_and_stands_in_the_record(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $answers = new Answers($bench, ShopRack::good());
        self::assertSame('Engine oil on the threads', $answers->call()['title']);
        $answers->until(fn (array $call): bool => ($call['act'] ?? null) !== 'apply');

        self::assertSame(count($bench->fold->plan->agents), count(array_keys(array_column($bench->lines, 'type'), 'agent_applied', true)));
    }

    public function test_a_bolt_that_was_oiled_is_backed_off_without_being_cleaned_and_one_with_locker_is_not(): void
    {
        $short = function (string $example): array {
            $bench = new Bench($example);
            $answers = new Answers($bench, ShopRack::good());
            $answers->until(fn (array $call): bool => $call['kind'] === 'read');
            $step = (string) $answers->call()['step'];
            $bench->reads($step, '1 N.m');
            $bench->does('loosened', ['positions' => [explode(':', $step)[1]]]);

            return array_column((new Advice($bench->fold))->nextActions(), 'do');
        };

        self::assertNotContains('clean', $short(self::EXAMPLE));
        self::assertContains('clean', $short('18-locker-in-time'));
    }

    public function test_the_kit_names_fasteners_surfaces_and_tools_and_says_what_the_crib_lacks(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $revision = DocumentReader::read($bench->document);
        $lines = fn (array $kit): array => array_merge(...array_column($kit, 'lines'));
        $good = $lines((new Kit($bench->fold, $revision, ShopRack::good()))->toArray());
        $bare = $lines((new Kit($bench->fold, $revision, ShopRack::of()))->toArray());

        self::assertContains(['says' => 'Threads: engine oil', 'lacks' => false], $good);
        self::assertContains(['says' => 'Torque wrench: W1 or W2', 'lacks' => false], $good);
        self::assertContains(['says' => 'Torque wrench: none of the crib may be used for it today', 'lacks' => true], $bare);
    }

    public function test_what_is_known_comes_back_as_it_was_told(): void
    {
        $known = new Known(['a' => '10.9', 'b' => '88'], ['G 109' => 'stud kit'], ['snug' => 12]);

        self::assertEquals($known, ShopRack::good()::fromBody(ShopRack::good()->knowing($known)->toBody())->known);
    }

    public function test_a_step_takes_the_median_of_the_gaps_and_an_absence_is_none(): void
    {
        $results = [];
        foreach ([0, 10, 22, 30, 900, 912] as $at) {
            $results[] = ['run' => 'r1', 'stage' => 'snug', 'at' => (float) $at];
        }

        // Gaps 10, 12, 8 and 12 s; the 870 s between them were an absence. The median of 8, 10, 12, 12 is 11.
        self::assertSame(['snug' => 11], StepTimes::of($results));
        self::assertSame([], StepTimes::of(array_slice($results, 0, 3)), 'so few say nothing');
        self::assertSame([], StepTimes::of(array_map(fn (array $r, int $i): array => ['run' => "r$i"] + $r, $results, array_keys($results))), 'between two runs there is no gap');
    }

    /** @return array{Bench, Answers} */
    private function bench(): array
    {
        $bench = new Bench(self::EXAMPLE);

        return [$bench, $this->answers($bench)];
    }

    private function answers(Bench $bench): Answers
    {
        $types = array_unique(array_column($bench->fold->plan->positions, 'fastener'));

        return new Answers($bench, ShopRack::good()->knowing(new Known(array_fill_keys($types, 'ST 9'), ['KIT 4' => 'stud kit'])), new SimulatedHand);
    }

    private function reads(Bench $bench, Answers $answers, string $reads): void
    {
        $bench->told(['reads' => $reads] + (array) ($answers->call()['answers'][0]['event'] ?? []));
    }
}
