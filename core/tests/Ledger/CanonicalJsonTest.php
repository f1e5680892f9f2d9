<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Ledger;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\CanonicalJson;

final class CanonicalJsonTest extends TestCase
{
    /** RFC 8785 section 3.2.2, the string of its example, from memory. */
    public function test_strings_are_escaped_as_the_example_of_rfc_8785_shows(): void
    {
        $text = "€$\u{0F}\nA'B\"\\\\\"/";

        self::assertSame('{"string":"€$\u000f\nA\'B\"\\\\\\\\\"/"}', CanonicalJson::encode(['string' => $text]));
    }

    /** RFC 8785 section 3.2.3: members sorted by name, at every depth; lists keep their order. */
    public function test_members_are_sorted_and_lists_are_not(): void
    {
        self::assertSame('{"a":[2,1],"b":{"c":null,"d":true}}', CanonicalJson::encode(['b' => ['d' => true, 'c' => null], 'a' => [2, 1]]));
    }

    /** RFC 8785 section 3.2.2.2: line and paragraph separators stand as they are. */
    public function test_line_separators_are_not_escaped(): void
    {
        self::assertSame("{\"t\":\"\u{2028}\"}", CanonicalJson::encode(['t' => "\u{2028}"]));
    }

    /** @return iterable<string, array{array<mixed>}> */
    public static function withoutCanonicalForm(): iterable
    {
        yield 'a float, since runtimes print them differently' => [['a' => 1.5]];
        yield 'an integer at 2^53' => [['a' => 2 ** 53]];
        yield 'a capital in a key' => [['Key' => 1]];
        yield 'a digit in a key' => [['bolt1' => 1]];
        yield 'an object in place of a value' => [['a' => new \stdClass]];
        yield 'bytes that are not UTF-8' => [['a' => "\xff"]];
    }

    /** @param  array<mixed>  $content */
    #[DataProvider('withoutCanonicalForm')]
    public function test_content_without_a_canonical_form_is_refused(array $content): void
    {
        $this->expectException(InvalidArgumentException::class);

        CanonicalJson::encode($content);
    }

    public function test_bytes_that_are_not_the_canonical_spelling_are_refused_on_reading(): void
    {
        $this->expectExceptionMessage('not the canonical spelling');

        CanonicalJson::decode('{"b":1,"a":2}');
    }

    public function test_what_was_encoded_is_read_back_the_same(): void
    {
        $content = ['reading' => '32.10', 'list' => ['x', ['y' => false]], 'none' => null, 'count' => 9_007_199_254_740_991];

        self::assertEquals($content, CanonicalJson::decode(CanonicalJson::encode($content)));
    }
}
