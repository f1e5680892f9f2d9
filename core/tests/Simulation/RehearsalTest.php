<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Simulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Simulation\Rehearsal;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

final class RehearsalTest extends TestCase
{
    /** As many as a page plays before it is used. */
    private const ANSWERS = 120;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_a_rehearsal_of_every_procedure_plays_on_until_it_is_ended_and_never_stands_at_one_call(array $document): void
    {
        $rehearsal = new Rehearsal(Expander::expand(DocumentReader::read($document))->bytes(), (string) json_encode(['state' => [], 'rack' => ShopRack::good()->toBody()]));
        $same = 0;
        for ($i = 0; $i < self::ANSWERS; $i++) {
            $before = $rehearsal->call();
            $rehearsal->one();
            $same = $rehearsal->call() === $before ? $same + 1 : 0;
            self::assertLessThan(2, $same, (string) json_encode($before));
        }
        self::assertNotSame([], $rehearsal->call());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }
}
