<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Ledger;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Ledger\CanonicalJson;

/** Random contents, by seed, so that a failure can be repeated. */
final class CanonicalJsonPropertyTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_one_content_has_one_spelling_whatever_the_order_of_its_members(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $content = self::object($random, 3);

        self::assertSame(CanonicalJson::encode($content), CanonicalJson::encode(self::shuffled($content, $random)));
    }

    #[DataProvider('seeds')]
    public function test_what_is_read_back_is_spelled_the_same(int $seed): void
    {
        $bytes = CanonicalJson::encode(self::object(new Randomizer(new Xoshiro256StarStar($seed)), 3));

        self::assertSame($bytes, CanonicalJson::encode(CanonicalJson::decode($bytes)));
    }

    /** An independent reader: PHP's own json_decode must see the very content that went in. */
    #[DataProvider('seeds')]
    public function test_a_general_reader_finds_the_same_content(int $seed): void
    {
        $content = self::object(new Randomizer(new Xoshiro256StarStar($seed)), 3);

        self::assertEquals($content, json_decode(CanonicalJson::encode($content), true, flags: JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    private static function object(Randomizer $random, int $depth): array
    {
        $object = [];
        for ($i = $random->getInt(1, 5); $i > 0; $i--) {
            $key = chr(97 + $random->getInt(0, 25)).'_'.chr(96 + $i);
            $object[$key] = self::value($random, $depth);
        }

        return $object;
    }

    private static function value(Randomizer $random, int $depth): mixed
    {
        return match ($random->getInt(0, $depth > 0 ? 6 : 4)) {
            0 => $random->getInt(-(2 ** 53) + 1, 2 ** 53 - 1),
            1 => $random->getInt(0, 1) === 1,
            2 => null,
            3 => ['32.10', "N·m\u{2028}", 'a "quoted" \\ text', "\u{1}\t\n", '☃', ''][$random->getInt(0, 5)],
            4 => [],
            5 => self::object($random, $depth - 1),
            default => array_map(fn (): mixed => self::value($random, $depth - 1), range(1, $random->getInt(1, 4))),
        };
    }

    /**
     * @param  array<mixed>  $content
     * @return array<mixed>
     */
    private static function shuffled(array $content, Randomizer $random): array
    {
        $keys = array_is_list($content) ? array_keys($content) : $random->shuffleArray(array_keys($content));
        $shuffled = [];
        foreach ($keys as $key) {
            $shuffled[$key] = is_array($content[$key]) ? self::shuffled($content[$key], $random) : $content[$key];
        }

        return $shuffled;
    }
}
