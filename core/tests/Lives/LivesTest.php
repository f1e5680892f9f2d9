<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\Expander;

/** Runs as they went when their format was written. Whatever is moved or renamed since, they fold to what they were. */
final class LivesTest extends TestCase
{
    #[DataProviderExternal(Life::class, 'all')]
    public function test_every_event_of_a_life_comes_to_what_it_came_to_and_changes_what_it_changed(string $name): void
    {
        $life = Life::read($name);
        $playback = new Playback($life->plan());
        foreach ($life->lines as $i => $line) {
            self::assertSame($line, $playback->next($line['event']), sprintf('%s, event %d', $name, $i + 1));
        }
    }

    #[DataProvider('documents')]
    public function test_no_byte_of_a_plan_changes(string $document, string $plan): void
    {
        $bytes = Life::bytes("$document.document");

        self::assertSame($document, hash('sha256', $bytes));
        self::assertSame(Life::bytes("$plan.plan"), Expander::expand(DocumentReader::fromJson($bytes))->bytes());
        self::assertSame($plan, hash('sha256', Life::bytes("$plan.plan")));
    }

    /** @return iterable<string, array{string, string}> */
    public static function documents(): iterable
    {
        $plans = [];
        foreach (Life::all() as [$name]) {
            $head = Life::read($name)->head;
            $plans[$head['document']] = [$head['document'], $head['plan']];
        }

        return $plans;
    }

    public function test_there_is_a_life_with_each_kind_of_stage(): void
    {
        $kinds = [];
        foreach (Life::all() as [$name]) {
            $life = Life::read($name);
            array_push($kinds, ...array_map(fn ($step): string => $step->kind->value, $life->plan()->steps));
        }

        self::assertSame([], array_values(array_diff(array_column(StageKind::cases(), 'value'), $kinds)));
    }
}
