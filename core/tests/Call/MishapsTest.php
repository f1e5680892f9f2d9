<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Decisions;
use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Call\Mishaps;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** What may be said to be wrong, and what it would cost: facts of the trade (common practice, no source). */
final class MishapsTest extends TestCase
{
    private const HEAD = '04-head-two-sizes';

    public function test_every_tile_keeps_its_place_whatever_is_going_on(): void
    {
        $before = self::mishaps(new Bench(self::HEAD))->toArray();
        $after = self::mishaps((new Bench(self::HEAD))->round('snug_large'))->toArray();

        self::assertSame(array_column($before['tiles'], 'key'), array_column($after['tiles'], 'key'));
        self::assertSame(['11', '12', '13', '14', '21', '22', '23', '24', '31', '32', '33', '34', '41', '42', '43', '44', '51', '52', '53', '54'], array_column($after['tiles'], 'key'));
    }

    public function test_what_nobody_can_mean_now_says_why(): void
    {
        $why = array_column(self::mishaps(new Bench(self::HEAD))->toArray()['tiles'], 'why_not', 'key');

        self::assertSame('nothing was pulled with a wrench yet', $why[Mishap::WrongSetting->value]);
        self::assertSame('no tool was taken yet', $why[Mishap::DroppedWrench->value]);
        self::assertSame('nobody holds here', $why[Mishap::PartnerLetGo->value]);
        self::assertSame('nothing is tight yet', $why[Mishap::PartMoved->value]);
        self::assertArrayNotHasKey(Mishap::Broke->value, $why, 'a bolt can break at any moment');
    }

    public function test_looking_at_what_it_costs_changes_nothing(): void
    {
        $bench = (new Bench(self::HEAD))->round('snug_large');
        $before = CanonicalJson::encode(StateCodec::toBody($bench->fold->state));
        foreach (Mishap::cases() as $mishap) {
            self::mishaps($bench)->weigh($mishap, 'a2', null, $bench->clocks());
        }

        self::assertSame($before, CanonicalJson::encode(StateCodec::toBody($bench->fold->state)));
    }

    /** Torque-to-yield bolts past their yield round, and a gasket that was crushed: a redo of all costs them all. */
    public function test_the_price_counts_new_bolts_and_the_gasket_before_anybody_says_a_word(): void
    {
        $bench = (new Bench(self::HEAD))->round('snug_large');
        $bench->does('tool_taken', ['tool' => 'AG', 'quantity' => 'angle']);
        $bench->reads('turn_large:a2:1', '150°');
        $bench->reads('turn_large:b2:1', '150°');
        $weighed = self::mishaps($bench)->weigh(Mishap::WrongSetting, null, null, $bench->clocks());

        self::assertTrue($weighed['lead'], 'a whole round with bolts that are used once is the lead’s');
        self::assertSame([['name' => 'M11 head bolt', 'count' => 2]], array_map(fn (array $f): array => ['name' => 'M11 head bolt', 'count' => $f['count']], $weighed['price']['fasteners']));
        self::assertStringContainsString('2 new fasteners', $weighed['price']['says']);
        self::assertSame(['rework', 'replace', 'scrap', 'use_as_is'], array_column($weighed['decisions'], 'disposition'));
        self::assertNull($bench->stop(), 'nothing was said yet');
    }

    public function test_the_one_that_was_done_instead_is_asked_for_and_is_what_has_to_come_loose(): void
    {
        $bench = new Bench(self::HEAD);
        $mishaps = self::mishaps($bench);
        self::assertSame(['bolt', 'Which one did you do instead?'], [$mishaps->weigh(Mishap::DidAnother, null, null, $bench->clocks())['asks']['of'], $mishaps->weigh(Mishap::DidAnother, null, null, $bench->clocks())['asks']['title']]);
        $weighed = $mishaps->weigh(Mishap::DidAnother, 'b3', null, $bench->clocks());

        self::assertSame(['type' => 'fault_reported', 'fault' => 'did_another', 'at' => 'snug_large:a2:1', 'other' => 'b3'], $weighed['event']);
        self::assertSame(['b3'], $weighed['price']['loosened']);
        self::assertStringContainsString('instead of', $weighed['bolt']);
    }

    /** @param  array<string, mixed>  $event */
    #[DataProvider('oneTooMany')]
    public function test_two_that_were_done_are_the_same_one_twice_or_another_as_well(string $named, array $event): void
    {
        $bench = new Bench(self::HEAD);
        $bench->reads('snug_large:a2:1', '22 lbf·ft');

        self::assertSame($event, self::mishaps($bench)->weigh(Mishap::DidTwo, $named, null, $bench->clocks())['event']);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function oneTooMany(): iterable
    {
        yield 'the one before, once more' => ['a2', ['type' => 'fault_reported', 'fault' => 'did_two', 'at' => 'snug_large:a2:1']];
        yield 'the one that is called, twice' => ['b2', ['type' => 'fault_reported', 'fault' => 'did_two', 'at' => 'snug_large:b2:1']];
        yield 'another as well' => ['a3', ['type' => 'fault_reported', 'fault' => 'did_another', 'at' => 'snug_large:b2:1', 'other' => 'a3']];
    }

    public function test_whoever_is_not_sure_says_whether_of_the_bolt_or_of_the_round(): void
    {
        $bench = new Bench(self::HEAD);
        $bench->reads('snug_large:a2:1', '22 lbf·ft');
        $mishaps = self::mishaps($bench);
        self::assertSame(['bolt', 'round'], array_column($mishaps->weigh(Mishap::NotSure, null, null, $bench->clocks())['asks']['choices'], 'value'));

        self::assertSame('not_proved', $mishaps->weigh(Mishap::NotSure, null, 'bolt', $bench->clocks())['event']['fault']);
        self::assertSame(['unsure_count', 'snug_large:a2:1'], [($event = $mishaps->weigh(Mishap::NotSure, null, 'round', $bench->clocks())['event'])['fault'], $event['at']]);
    }

    public function test_a_dropped_wrench_is_named_and_is_out_of_use(): void
    {
        $bench = new Bench(self::HEAD);
        $bench->does('tool_taken', ['tool' => 'W1', 'quantity' => 'torque']);
        $weighed = self::mishaps($bench)->weigh(Mishap::DroppedWrench, null, null, $bench->clocks());
        $bench->told((array) $weighed['event']);

        self::assertTrue($bench->fold->tools->isOut('W1'));
    }

    public function test_it_gave_way_at_a_bolt_whose_turn_it_was_not(): void
    {
        $bench = new Bench(self::HEAD);
        $bench->reads('snug_large:a2:1', '22 lbf·ft');

        self::assertSame(['type' => 'gave_way', 'step' => 'snug_large:b2:1'], self::mishaps($bench)->weigh(Mishap::GaveWay, null, null, $bench->clocks())['event']);
        self::assertSame(['type' => 'fault_reported', 'fault' => 'gave_way', 'at' => 'a2'], self::mishaps($bench)->weigh(Mishap::GaveWay, 'a2', null, $bench->clocks())['event']);
    }

    public function test_what_is_said_can_be_put_off_at_once_where_the_rest_may_go_on(): void
    {
        $bench = new Bench(self::HEAD);
        $weighed = self::mishaps($bench)->weigh(Mishap::GaveWay, null, null, $bench->clocks());
        $bench->told((array) $weighed['event']);
        $bench->told((array) $weighed['later']);

        self::assertSame('snug_large:b2:1', $bench->next());
        self::assertSame([Fault::GaveWay], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults), 'it is still there at the end');
    }

    public function test_each_of_the_leads_words_has_its_price_and_nobody_is_asked_about_their_own_work(): void
    {
        $bench = new Bench(self::HEAD);
        $bench->reads('snug_large:a2:1', '22 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'wrong_fastener', 'at' => 'snug_large:a2:1']);
        $open = (new Decisions($bench->fold, ShopRack::good(), $bench->clocks()))->open();

        self::assertCount(1, $open);
        $prices = array_map(fn (array $c): string => $c['price']['says'] ?? $c['why_not'], array_column($open[0]['choices'], null, 'disposition'));
        self::assertStringStartsWith('1 new fastener', $prices['scrap']);
        self::assertStringStartsWith('Nothing', $prices['use_as_is']);
    }

    private static function mishaps(Bench $bench): Mishaps
    {
        return new Mishaps($bench->fold, ShopRack::plenty());
    }
}
