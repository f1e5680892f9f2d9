<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\Beside;
use Tekkal\Core\Call\CallException;
use Tekkal\Core\Call\Leaving;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Tool\ToolKind;

/** A core beside a page goes on from what the server told it, and comes to the same. */
final class BesideTest extends TestCase
{
    private const EXAMPLE = '04-head-two-sizes';

    public function test_the_core_calls_nothing_that_php_beside_a_page_lacks(): void
    {
        $calls = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../src', FilesystemIterator::SKIP_DOTS)) as $file) {
            // PHP beside a page is built without multibyte strings, conversion and internationalisation.
            preg_match_all('/\b(?:mb_|iconv|normalizer_|numfmt_|collator_|bc[a-z]+)\w*\(/', (string) file_get_contents((string) $file), $found);
            array_push($calls, ...$found[0]);
        }

        self::assertSame([], $calls);
    }

    public function test_it_stands_where_the_server_has_the_run_and_shows_what_the_server_shows(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::good());

        self::assertSame(self::json((new BenchView($bench->fold, ShopRack::good()))->toArray()), $beside->view());
    }

    public function test_what_it_takes_it_decides_as_the_server_will_and_shows_what_comes_next(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::good());
        $taken = ['type' => 'tool_taken', 'tool' => 'W1', 'quantity' => 'torque', 'id' => 'x1', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:01:00Z', 'mono_ms' => 60000, 'clock' => 'c1'];
        $outcome = $bench->told($taken);
        $answer = (array) json_decode($beside->take(self::json($taken)), true);

        self::assertEquals($outcome->toBody(), $answer['outcome']);
        self::assertEquals((new BenchView($bench->fold, ShopRack::good()))->toArray(), $answer['view']);
    }

    public function test_it_says_when_it_is_asked_where_the_run_can_be_left_and_nothing_once_all_is_done(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::good());

        self::assertSame((new Leaving($bench->fold, ShopRack::good()->known))->sentence(), $beside->leave());
        self::assertStringContainsString('after round 1', $beside->leave());
        (new Answers($bench, ShopRack::good()))->until(fn (): bool => $bench->state()->finished);
        self::assertSame('', self::standing($bench, ShopRack::good())->leave());
    }

    public function test_another_crib_is_looked_through_anew(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::good());
        $first = $beside->view();
        $state = StateCodec::toBody($bench->fold->state);
        $beside->stand(self::json(['state' => $state, 'rack' => (new Rack([], ShopRack::good()->day))->toBody()]));

        self::assertStringContainsString('None of the crib may be used for it today.', $beside->view());
        $beside->stand(self::json(['state' => $state, 'rack' => ShopRack::good()->toBody()]));
        self::assertSame($first, $beside->view());
    }

    public function test_standing_anew_forgets_what_the_server_does_not_tell(): void
    {
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::good());
        $before = $beside->state();
        $beside->take(self::json(['type' => 'tool_taken', 'tool' => 'W1', 'quantity' => 'torque', 'id' => 'x1', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:01:00Z']));
        self::assertNotSame($before, $beside->state());

        $beside->stand(self::json(['state' => StateCodec::toBody($bench->fold->state), 'rack' => ShopRack::good()->toBody()]));
        self::assertSame($before, $beside->state());
    }

    public function test_a_tool_that_the_crib_would_not_give_is_kept_and_flagged_beside_the_page_too(): void
    {
        $overdue = ShopRack::tool('W1', ToolKind::TorqueWrench, '0.5 N.m', '800 N.m', '0.1 N.m', due: '2026-02-01');
        $bench = new Bench(self::EXAMPLE);
        $beside = self::standing($bench, ShopRack::of($overdue));
        $step = (string) (new BenchView($bench->fold, ShopRack::good()))->toArray()['next_step'];
        $answer = (array) json_decode($beside->take(self::json(['type' => 'reading_taken', 'step' => $step, 'value' => '25 N.m', 'source' => 'typed', 'tool' => 'W1', 'id' => 'x1', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:01:00Z'])), true);
        $outcome = (array) $answer['outcome'];

        self::assertSame('applied', $outcome['standing']);
        self::assertContains('tool_not_fit', array_column((array) $outcome['effects'], 'kind'));
        self::assertContains('stop', array_column((array) $outcome['say'], 'tone'));
    }

    public function test_before_it_was_told_the_tools_it_shows_nothing(): void
    {
        $this->expectException(CallException::class);
        Beside::begin((new Bench(self::EXAMPLE))->fold->plan->bytes())->view();
    }

    private static function standing(Bench $bench, Rack $rack): Beside
    {
        $beside = Beside::begin($bench->fold->plan->bytes());
        $beside->stand(self::json(['state' => StateCodec::toBody($bench->fold->state), 'rack' => $rack->toBody()]));

        return $beside;
    }

    /** @param  array<mixed>  $body */
    private static function json(array $body): string
    {
        return json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
