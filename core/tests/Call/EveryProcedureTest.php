<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** Whoever answers what the bench calls for carries every procedure out to its end: nothing is left that has no call. */
final class EveryProcedureTest extends TestCase
{
    /** A procedure of the library has a few hundred steps; more calls than that go round in a circle. */
    private const MOST = 1_500;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_it_is_carried_out_to_its_end_by_answering_its_calls(array $document, bool $clicking): void
    {
        $bench = new Bench($document);
        $rack = $clicking ? ShopRack::clicking() : ShopRack::good();
        $hand = new SimulatedHand(wholeRounds: $clicking);
        for ($i = 0; $i < self::MOST && ! $bench->state()->finished; $i++) {
            $call = (new BenchView($bench->fold, $rack))->toArray()['call'];
            $this->answered($bench, $hand->answer($call), $call);
        }
        $state = $bench->state();

        self::assertTrue($state->finished, json_encode($call ?? [], JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT) ?: '');
        self::assertSame([], $state->faults);
        self::assertSame([], $state->unknown());
        self::assertSame([], array_filter($bench->history, fn (array $h): bool => ! $h[1]->isApplied()));
    }

    /** @return iterable<string, array{array<string, mixed>, bool}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document, false];
            yield "$name, by clicks and whole rounds" => [$document, true];
        }
    }

    /**
     * @param  array<mixed>  $answer
     * @param  array<string, mixed>  $call
     */
    private function answered(Bench $bench, array $answer, array $call): void
    {
        $event = $answer['event'];
        self::assertIsArray($event);
        if ($call['kind'] === CallKind::Settle->value) {
            $bench->wait(is_int($call['least_s'] ?? null) ? $call['least_s'] : 0);
        }
        $bench->wait(4);
        match ($answer['command'] ?? null) {
            'join' => $bench->does('second_person_joined', ['second_person' => 'bo']),
            'look' => $bench->does('second_look', ['steps' => $bench->fold->steps->unlooked((string) ($event['stage'] ?? '')), 'finds' => 'as_recorded'], 'cy'),
            'finish' => $bench->does('run_finished'),
            default => $bench->told($event),
        };
    }
}
