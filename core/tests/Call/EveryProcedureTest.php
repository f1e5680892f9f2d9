<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** Whoever answers what the bench calls for carries every procedure out to its end: nothing is left that has no call. */
final class EveryProcedureTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_it_is_carried_out_to_its_end_by_answering_its_calls(array $document, bool $clicking): void
    {
        $bench = new Bench($document);
        $rack = $clicking ? ShopRack::clicking() : ShopRack::good();
        $answers = new Answers($bench, $rack, new SimulatedHand(wholeRounds: $clicking));
        $answers->until(fn (): bool => $bench->state()->finished);
        $state = $bench->state();

        self::assertTrue($state->finished, json_encode($answers->call(), JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT) ?: '');
        self::assertSame([], $state->faults);
        self::assertSame([], $state->unknown());
        self::assertSame([], array_filter($bench->history, fn (array $h): bool => ! $h[1]->isApplied()));
        self::assertSame([], self::stopping($bench), 'whoever does what is asked is not stopped for it');
    }

    /** @return list<string> what it was said of the work that stops it */
    private static function stopping(Bench $bench): array
    {
        $effects = array_merge([], ...array_map(fn (array $h): array => $h[1]->effects, $bench->history));
        $found = array_filter($effects, fn (Effect $e): bool => $e instanceof Found && $e->kind->stops());

        return array_values(array_map(fn (Found $e): string => $e->sentence, $found));
    }

    /** @return iterable<string, array{array<string, mixed>, bool}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document, false];
            yield "$name, by clicks and whole rounds" => [$document, true];
        }
    }
}
