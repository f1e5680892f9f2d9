<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Call\PaperCard;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** A job card that can really be worked on: whatever a bench would ask for has its place on it, and can be typed in from it. */
final class PaperCardTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_every_step_has_one_place_to_write_in_the_order_in_which_it_is_done(array $document): void
    {
        $bench = new Bench($document);
        $boxes = self::boxes($bench);

        self::assertSame(array_column($bench->fold->plan->steps, 'id'), array_column($boxes, 'step'));
        self::assertSame([], array_filter($boxes, fn (array $b): bool => $b['wants'] === []), 'and something is written in each');
        self::assertSame([], array_filter(array_column($boxes, 'stands')), 'nothing is done yet');
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_it_can_be_typed_in_to_its_end_and_all_of_it_is_known_as_copied(array $document): void
    {
        $bench = new Bench($document);
        $places = array_column(self::boxes($bench), 'wants', 'step');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $answers = new Answers($bench, ShopRack::good());
        $answers->until(function (array $call) use ($bench, $places): bool {
            $of = is_string($call['step'] ?? null) && in_array($call['kind'], array_column([CallKind::Read, CallKind::Turn, CallKind::Stretch, CallKind::Hold, CallKind::Check], 'value'), true) && ($call['act'] ?? null) === null ? $call['step'] : null;
            $asked = $of === null ? [] : array_filter((array) $call['fields'], fn (mixed $f): bool => is_array($f) && $f['optional'] === false);
            self::assertLessThanOrEqual($of === null ? 0 : count($places[$of]), count($asked), (string) $of);

            return $bench->state()->finished;
        });
        $live = array_map(fn ($s) => $bench->fold->state->live($s->id), $bench->fold->plan->steps);

        self::assertTrue($bench->state()->finished, (string) json_encode($answers->call(), JSON_UNESCAPED_UNICODE));
        self::assertSame([], array_filter($live, fn ($a): bool => $a !== null && in_array($a->judgement->evidence, [EvidenceGrade::Curve, EvidenceGrade::MeasuredValue], true)));
        self::assertSame(count(array_filter($live)), count($bench->fold->state->facts('compared')));
    }

    public function test_what_stands_already_is_on_the_card_so_that_nobody_does_it_again(): void
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->reads('r1:f1:1', '30 lbf·ft');

        $bench->reads((string) $bench->next(), '20 lbf·ft');

        self::assertSame([self::typeset('30 lbf·ft'), self::typeset('20 lbf·ft, short'), ''], array_slice(array_column(self::boxes($bench), 'stands'), 0, 3));
    }

    public function test_it_says_what_to_reach_and_whom_it_is_for_where_not_all_have_the_same(): void
    {
        $sections = (new PaperCard((new Bench('07-pump-each-its-own'))->fold))->sections();

        $differ = array_values(array_filter($sections, fn (array $s): bool => count($s['aims']) > 1));
        self::assertNotSame([], $differ);
        self::assertNotContains('', array_column($differ[0]['aims'], 'whom'));
        self::assertStringContainsString(' is good', $differ[0]['aims'][0]['says']);
    }

    public function test_it_asks_for_tools_by_number_lots_and_what_is_stamped(): void
    {
        $card = new PaperCard((new Bench('18-locker-in-time'))->fold);

        self::assertSame(['Stamped on the heads of M8 × 1.25 × 40, class 8.8', self::typeset('Locker on the threads: lot, put on at (works for 15 min)')], array_slice($card->before(), 0, 2));
        self::assertSame(['Torque wrench: number, scale before, scale after'], $card->sections()[2]['tools']);
        self::assertSame([['label' => 'from', 'unit' => 'h:min', 'tick' => false], ['label' => 'to', 'unit' => 'h:min', 'tick' => false]], $card->sections()[3]['boxes'][0]['wants']);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }

    /** With the space that stands between a number and its unit. */
    private static function typeset(string $says): string
    {
        return (string) preg_replace('/(\d) (?=\S)/u', "$1\u{00A0}", $says);
    }

    /** @return list<array<string, mixed>> */
    private static function boxes(Bench $bench): array
    {
        return array_merge([], ...array_column((new PaperCard($bench->fold))->sections(), 'boxes'));
    }
}
