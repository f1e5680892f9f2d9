<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\Beside;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\StopFindings;
use Tekkal\Core\Call\StopOrder;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Run\Tone;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** What the shop has stopped is halted where no hand is on it, and left as it stands. Facts of the trade, common practice, no source. */
final class HaltingTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_nothing_of_any_procedure_is_called_for_while_its_revision_is_stopped(array $document): void
    {
        $bench = new Bench($document);
        foreach ([1, 3, 9] as $calls) {
            $answers = new Answers($bench, ShopRack::good());
            for ($i = 0; $i < $calls && ! $bench->state()->finished; $i++) {
                $answers->one();
            }
            if (! $bench->state()->finished) {
                self::assertSame('halted', $this->call($bench, self::revision())['kind']);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }

    public function test_what_was_pulled_as_it_came_is_told_and_once_it_is_known_here_no_more(): void
    {
        $bench = new Bench('04-head-two-sizes');
        (new Answers($bench, ShopRack::good()))->until(fn (array $call): bool => $call['kind'] === 'turn');

        self::assertSame('turn', ((array) ($this->call($bench, self::revision())['in_hand'] ?? []))['kind'] ?? null);
        self::assertArrayNotHasKey('in_hand', $this->call($bench, self::revision(seen: true)));
    }

    public function test_what_is_only_got_ready_is_in_nobodys_hand(): void
    {
        self::assertArrayNotHasKey('in_hand', $this->call(new Bench('04-head-two-sizes'), self::revision()));
    }

    public function test_an_angle_that_was_begun_stays_where_it_is_with_its_line(): void
    {
        // In strokes, where the sheet allows it.
        $ratcheted = fn (array $document): array => (array) json_decode(str_replace('"kind":"turn"', '"kind":"turn","motion":"may_ratchet"', (string) json_encode($document)), true);
        $bench = (new Bench('04-head-two-sizes', $ratcheted))->round('snug_large');
        $bench->strokes('turn_large:a2:1', '60°');

        self::assertContains('Bolt 1 has 60° of 150°: leave it there, with its line.', $this->says($bench, self::revision()));
    }

    public function test_a_round_that_is_on_some_of_its_bolts_leaves_the_joint_uneven_and_that_is_said(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', '22 lbf·ft');

        self::assertNotSame([], preg_grep('/^This round is on 1 of \d+: the joint stands uneven/', $this->says($bench, self::revision())));
        self::assertSame([], preg_grep('/uneven/', $this->says((new Bench('04-head-two-sizes'))->round('snug_large'), self::revision())), 'between two rounds it is not');
    }

    public function test_a_locker_goes_on_drying_while_nothing_is_pulled(): void
    {
        $bench = new Bench('18-locker-in-time');
        $answers = new Answers($bench, ShopRack::good());
        $answers->until(fn (array $call): bool => $call['title'] === 'Bolt 1');

        self::assertNotSame([], preg_grep('/^What is on the threads goes on drying/', $this->says($bench, self::revision())));
    }

    public function test_whoever_holds_lets_go(): void
    {
        $bench = new Bench('06-wheels-held');
        $bench->does('second_person_joined', ['second_person' => 'bo']);

        self::assertContains('Your partner lets go and stands down.', $this->says($bench, self::revision()));
    }

    public function test_what_stands_on_a_card_was_done_and_is_typed_in_to_its_end(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->does('paper_begun', ['card' => 'C-0007']);

        self::assertNotSame('halted', $this->call($bench, self::revision())['kind']);
    }

    public function test_a_run_that_is_finished_is_not_halted(): void
    {
        $bench = new Bench('05-flywheel-verified');
        (new Answers($bench, ShopRack::good()))->until(fn (): bool => $bench->state()->finished);

        self::assertSame('finished', $this->call($bench, self::revision())['kind']);
    }

    public function test_a_tool_that_was_stopped_halts_who_has_taken_it_and_another_goes_on_once_it_is_known(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $other = new StopOrder('s1', StopOrder::TOOL, 'W2', 'W2', 'W2 was stopped.', 'dropped');

        self::assertNotSame('halted', $this->call($bench, new StopOrder('s1', StopOrder::TOOL, 'W1', 'W1', 'W1 was stopped.', 'dropped'))['kind'], 'nobody has taken it here');
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);
        self::assertSame('halted', $this->call($bench, new StopOrder('s1', StopOrder::TOOL, 'W1', 'W1', 'W1 was stopped.', 'dropped'))['kind']);
        self::assertNotSame('halted', $this->call($bench, new StopOrder('s1', StopOrder::TOOL, 'W1', 'W1', 'W1 was stopped.', 'dropped', true))['kind']);
        self::assertNotSame('halted', $this->call($bench, $other)['kind']);
    }

    public function test_a_lot_halts_only_where_something_of_it_is_in_whatever_dashes_its_bag_has(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->does('fasteners_fitted', ['positions' => ['a2'], 'set' => 'real', 'lot' => 'L-47-11']);

        self::assertSame('halted', $this->call($bench, self::lot('l4711'))['kind']);
        self::assertNotSame([], preg_grep('/^Of that lot: no\. 1\./', $this->says($bench, self::lot('l4711'))));
        self::assertNotSame('halted', $this->call($bench, self::lot('4712'))['kind']);
        self::assertNotSame('halted', $this->call($bench, new StopOrder('s1', StopOrder::AGENT, 'L4711', 'Lot', 'Stopped.', 'why'))['kind'], 'a locker of the same number is another lot');
    }

    public function test_its_fasteners_come_out_by_saying_what_is_wrong_and_with_others_in_it_goes_on(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->does('fasteners_fitted', ['positions' => ['a2'], 'set' => 'real', 'lot' => 'L4711']);
        $bench->does('fault_reported', ['fault' => 'wrong_fastener', 'at' => 'snug_large:a2:1']);

        self::assertNotSame('halted', $this->call($bench, self::lot('L4711'))['kind']);
        self::assertSame('halted', $this->call($bench, self::lot('L4711'), self::revision())['kind'], 'where the revision is stopped too, nothing goes on');
        $bench->does('fastener_replaced', ['position' => 'a2', 'lot' => 'L4800']);
        self::assertNotSame('halted', $this->call($bench, self::lot('L4711'))['kind']);
    }

    public function test_what_is_pulled_after_the_stop_stands_and_is_flagged(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $found = $this->findings($bench, ['type' => 'reading_taken', 'step' => 'snug_large:a2:1', 'value' => '22 lbf.ft', 'source' => 'typed', 'tool' => 'W1'], self::revision());

        self::assertSame([FindingKind::AfterStop], array_column($found, 'kind'));
        self::assertSame([], $this->findings($bench, ['type' => 'shaft_turned'], self::revision()), 'what pulls nothing is not');
        self::assertSame([], $this->findings($bench, ['type' => 'reading_taken', 'step' => 'snug_large:a2:1', 'value' => '22 lbf.ft', 'source' => 'typed', 'tool' => 'W1'], self::lot('L4711')), 'nothing of that lot is in');
    }

    public function test_putting_in_what_was_stopped_is_kept_and_stops_the_bench(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $event = ['type' => 'fasteners_fitted', 'positions' => ['a2'], 'set' => 'real', 'lot' => 'L-4711'];
        $found = $this->findings($bench, $event, self::lot('L4711'));
        $outcome = $bench->fold->decide(EventTypes::read(self::stamped($event)), new Surroundings(found: $found));

        self::assertSame([FindingKind::StoppedLot], array_column($found, 'kind'));
        self::assertTrue($outcome->isApplied(), (string) $outcome->reason?->value);
        self::assertContains(Tone::Stop, array_column($outcome->say, 'tone'));
    }

    public function test_beside_the_page_it_is_flagged_in_the_same_words(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $rack = ShopRack::good()->stopping([self::revision()]);
        $beside = Beside::begin($bench->fold->plan->bytes());
        $beside->stand((string) json_encode(['state' => StateCodec::toBody($bench->fold->state), 'rack' => $rack->toBody()]));
        $event = self::stamped(['type' => 'reading_taken', 'step' => 'snug_large:a2:1', 'value' => '22 lbf.ft', 'source' => 'typed', 'tool' => 'W1']);

        self::assertStringContainsString('"kind":"after_stop","sentence":"Revision C was stopped today at 15:04 by Ada."', $beside->decide((string) json_encode($event)));
        self::assertEquals($rack->stops, Rack::fromBody($rack->toBody())->stops);
    }

    private static function revision(bool $seen = false): StopOrder
    {
        return new StopOrder('s1', StopOrder::REVISION, 'r1', 'Revision C', 'Revision C was stopped today at 15:04 by Ada.', 'The torque is wrong', $seen);
    }

    private static function lot(string $number): StopOrder
    {
        return new StopOrder('s2', StopOrder::FASTENERS, $number, "Lot $number", "Lot $number was stopped today.", 'Heads break off');
    }

    /**
     * @param  array<string, mixed>  $event
     * @return list<Found>
     */
    private function findings(Bench $bench, array $event, StopOrder ...$stops): array
    {
        return (new StopFindings($bench->fold, array_values($stops)))->of(EventTypes::read(self::stamped($event)));
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed>
     */
    private static function stamped(array $event): array
    {
        return $event + ['v' => 1, 'id' => 'seen-last', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:00:00Z'];
    }

    /** @return array<string, mixed> */
    private function call(Bench $bench, StopOrder ...$stops): array
    {
        return (new BenchView($bench->fold, ShopRack::good()->stopping(array_values($stops))))->toArray()['call'];
    }

    /** @return list<string> */
    private function says(Bench $bench, StopOrder ...$stops): array
    {
        return array_values(array_filter((array) $this->call($bench, ...$stops)['says'], is_string(...)));
    }
}
