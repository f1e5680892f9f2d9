<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\NeverMeant;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;

/** What can never be meant bars the signature (common practice, no source). */
final class NeverMeantTest extends TestCase
{
    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('neverMeant')]
    public function test_what_can_never_be_meant_is_read_and_not_signed(string $example, callable $change, string $says): void
    {
        self::assertSame([$says], DocumentReader::read($change(Bench::document($example)))->whyNotApprovable());
    }

    /** @return iterable<string, array{string, callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function neverMeant(): iterable
    {
        $loosen = ['key' => 'off', 'kind' => 'loosen', 'why' => 'It is said so.'];
        yield 'an angle after a loosening with no torque between' => ['04-head-two-sizes', function (array $d) use ($loosen): array {
            array_splice($d['stages'], 1, 0, [$loosen + ['groups' => ['large']]]);

            return $d;
        }, 'Round 3: M11 is turned by an angle with no torque since it was loosened, so that nobody knows from where it is counted.'];
        yield 'a joint that ends loose' => ['12-head-nine-stages', fn (array $d): array => array_replace($d, ['stages' => [...$d['stages'], $loosen]]), 'Round 10 leaves head loose, and no round tightens it again.'];
        yield 'a named round, and some that end loose' => ['04-head-two-sizes', fn (array $d): array => array_replace($d, ['stages' => [...$d['stages'], ['name' => 'Take the small ones out', 'groups' => ['small']] + $loosen]]), 'Round 5 “Take the small ones out” leaves M8 loose, and no round tightens it again.'];
    }

    public function test_a_tool_that_counts_from_its_threshold_on_the_way_needs_no_torque_before(): void
    {
        $document = Bench::document('04-head-two-sizes');
        $document['stages'][1]['counted'] = 'from_threshold';
        array_splice($document['stages'], 1, 0, [['key' => 'off', 'kind' => 'loosen', 'groups' => ['large'], 'why' => 'It is said so.']]);

        self::assertSame([], DocumentReader::read($document)->whyNotApprovable());
    }

    public function test_taking_apart_and_trying_end_loose_as_they_must(): void
    {
        foreach (Procedures::all() as $name => $document) {
            self::assertSame([], NeverMeant::in(DocumentReader::read($document)), $name);
        }
    }
}
