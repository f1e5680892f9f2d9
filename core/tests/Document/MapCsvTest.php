<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\MapCsv;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Quoting as RFC 4180 has it. */
final class MapCsvTest extends TestCase
{
    public function test_a_map_written_and_read_again_is_the_same(): void
    {
        foreach (['01-main-caps-thrust-held-back', '04-head-two-sizes', '07-pump-each-its-own'] as $example) {
            $document = Bench::document($example);
            self::assertSame($document['map']['positions'], MapCsv::read(MapCsv::write($document['map']), self::keys($document['groups']), self::keys($document['map']['parts'])));
        }
    }

    public function test_quotes_commas_and_line_ends_of_other_systems_are_read(): void
    {
        $read = MapCsv::read("number,x,y,landmark\r\n1,10,20,\"dowel, left\"\n2,30,20,\"the \"\"long\"\" one\"\r", ['inner'], ['head']);

        self::assertSame(['key' => 'p1', 'number' => '1', 'x' => '10', 'y' => '20', 'group' => 'inner', 'part' => 'head', 'landmark' => 'dowel, left'], $read[0]);
        self::assertSame('the "long" one', $read[1]['landmark']);
        self::assertStringContainsString('"the ""long"" one"', MapCsv::write(['positions' => $read]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'no column y' => ["number,x\n1,2", 'a column "y" is wanted'];
        yield 'a strange column' => ["number,x,y,z\n1,2,3,4", 'one of key, number, x, y, group, part, landmark is wanted'];
        yield 'too few values' => ["number,x,y\n1,2", '3 values are wanted'];
        yield 'no millimetres' => ["number,x,y\n1,2,far", 'millimetres are wanted'];
        yield 'a number twice' => ["number,x,y\n1,2,3\n1,3,4", 'a number that no other position has'];
        yield 'a group that is none' => ["number,x,y,group\n1,2,3,outer", 'one of inner is wanted'];
        yield 'nothing below the head' => ["number,x,y\n", 'a position is wanted'];
        yield 'a byte-order mark' => ["\xEF\xBB\xBFnumber,x,y\n1,2,3", 'begins with a byte-order mark'];
        yield 'a program' => ["\x7fELF\x02\x01", 'a column "number" is wanted'];
    }

    #[DataProvider('bad')]
    public function test_every_bad_line_is_named(string $csv, string $sentence): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($sentence);
        MapCsv::read($csv, ['inner'], ['head']);
    }

    /**
     * @param  list<array<string, mixed>>  $things
     * @return non-empty-list<string>
     */
    private static function keys(array $things): array
    {
        return array_column($things, 'key');
    }
}
