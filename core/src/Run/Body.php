<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use BackedEnum;
use DateTimeImmutable;
use Exception;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/** An object of the record's second format, read key by key. What it cannot say truthfully is said with the key and what was wanted. */
final readonly class Body
{
    /**
     * Bytes of a sentence that the core made. Longer than any it makes of a document's own texts; what is stored stays readable
     * however long a check was named.
     */
    public const SENTENCE = 60_000;

    /** What an instrument can show, or a fraction of a turn; the digits before the unit's code. */
    private const QUANTITY = '/^([+-]?\d{1,9}(?:\.\d{1,12})?|(?:\d{1,3} )?\d{1,4}\/\d{1,4}) (\S{1,12})$/D';

    private const TIME = '/^20\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,9})?(Z|[+-]\d\d:\d\d)$/D';

    /** Items of a list: a plan of 2,000 positions, and a run of as many attempts as anybody will make. */
    private const MOST = 100_000;

    /** As columns and a document's keys spell it. */
    private const KEY = '/^[\x21-\x7e]{1,120}$/D';

    /**
     * @param  array<mixed>  $keys
     * @param  bool  $strict  is a key that nobody knows refused, or passed over? What is stored may hold what a later version added
     */
    public function __construct(private array $keys, private bool $strict = true)
    {
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->keys);
    }

    /** @return list<string> keys that are none of these */
    public function others(string ...$known): array
    {
        return array_values(array_diff(array_map(strval(...), array_keys($this->keys)), $known));
    }

    /** @throws UnreadableBody when it is no text of 1 to so many bytes */
    public function text(string $key, int $longest = 200): string
    {
        $value = $this->keys[$key] ?? null;
        if (! is_string($value) || $value === '' || strlen($value) > $longest || preg_match('//u', $value) !== 1) {
            throw UnreadableBody::at($key, $value, "a text of 1 to $longest bytes");
        }

        return $value;
    }

    public function optionalText(string $key, int $longest = 200): ?string
    {
        return $this->has($key) ? $this->text($key, $longest) : null;
    }

    /** A step, a position, an id: printable and without a space. */
    public function key(string $key): string
    {
        return self::asKey($key, $this->keys[$key] ?? null);
    }

    public function optionalKey(string $key): ?string
    {
        return $this->has($key) ? $this->key($key) : null;
    }

    public function count(string $key, int $least = 0, int $most = PHP_INT_MAX): int
    {
        $value = $this->keys[$key] ?? null;

        return is_int($value) && $value >= $least && $value <= $most ? $value : throw UnreadableBody::at($key, $value, $most === PHP_INT_MAX ? "a whole number from $least" : "a whole number from $least to $most");
    }

    public function optionalCount(string $key, int $least = 0): ?int
    {
        return $this->has($key) ? $this->count($key, $least) : null;
    }

    public function boolean(string $key): bool
    {
        $value = $this->keys[$key] ?? null;

        return is_bool($value) ? $value : throw UnreadableBody::at($key, $value, 'true or false');
    }

    /** Left out where it does not hold. */
    public function flag(string $key): bool
    {
        return $this->has($key) && $this->boolean($key);
    }

    public function optionalBoolean(string $key): ?bool
    {
        return $this->has($key) ? $this->boolean($key) : null;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T
     */
    public function word(string $key, string $words): BackedEnum
    {
        $value = $this->keys[$key] ?? null;

        return (is_string($value) ? $words::tryFrom($value) : null) ?? throw UnreadableBody::at($key, $value, 'one of '.implode(', ', array_column($words::cases(), 'value')));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T|null
     */
    public function optionalWord(string $key, string $words): ?BackedEnum
    {
        return $this->has($key) ? $this->word($key, $words) : null;
    }

    /** "23.5 lbf.ft": digits and the unit's code. */
    public function quantity(string $key): Written
    {
        $value = $this->keys[$key] ?? null;
        if (! is_string($value) || preg_match(self::QUANTITY, $value, $parts) !== 1) {
            throw UnreadableBody::at($key, $value, 'a value with its unit\'s code, such as "23.5 lbf.ft", with at most 9 digits before the point and 12 after it');
        }
        try {
            return Written::fromCode($parts[1], $parts[2]);
        } catch (UnitException $e) {
            throw UnreadableBody::at($key, $value, 'a value with its unit\'s code: '.$e->getMessage());
        }
    }

    public function optionalQuantity(string $key): ?Written
    {
        return $this->has($key) ? $this->quantity($key) : null;
    }

    /** An instant of this century: "2026-03-02T10:00:00Z". */
    public function time(string $key): DateTimeImmutable
    {
        $value = $this->keys[$key] ?? null;
        try {
            return is_string($value) && preg_match(self::TIME, $value) === 1 ? Instant::of($value) : throw UnreadableBody::at($key, $value, 'an instant such as "2026-03-02T10:00:00.000Z"');
        } catch (UnreadableBody $e) {
            throw $e;
        } catch (Exception) {
            throw UnreadableBody::at($key, $value, 'an instant such as "2026-03-02T10:00:00.000Z"');
        }
    }

    public function optionalTime(string $key): ?DateTimeImmutable
    {
        return $this->has($key) ? $this->time($key) : null;
    }

    /** @return list<string> keys of steps or positions; empty where there is none */
    public function keys(string $key): array
    {
        return array_map(fn (mixed $value): string => self::asKey($key, $value), $this->list($key));
    }

    /** @return list<string> empty where there is none */
    public function texts(string $key): array
    {
        return array_map(fn (mixed $value): string => is_string($value) ? $value : throw UnreadableBody::at($key, $value, 'a list of texts'), $this->list($key));
    }

    /** @return list<int> empty where there is none */
    public function counts(string $key): array
    {
        return array_map(fn (mixed $value): int => is_int($value) ? $value : throw UnreadableBody::at($key, $value, 'a list of whole numbers'), $this->list($key));
    }

    /** @return list<self> empty where there is none */
    public function objects(string $key): array
    {
        return array_map(fn (mixed $value): self => is_array($value) ? new self($value, $this->strict) : throw UnreadableBody::at($key, $value, 'a list of objects'), $this->list($key));
    }

    public function object(string $key): self
    {
        return $this->optionalObject($key) ?? throw UnreadableBody::at($key, null, 'an object');
    }

    public function optionalObject(string $key): ?self
    {
        if (! $this->has($key)) {
            return null;
        }
        $value = $this->keys[$key];

        return is_array($value) && ! array_is_list($value) ? new self($value, $this->strict) : throw UnreadableBody::at($key, $value, 'an object');
    }

    /** @throws UnreadableBody when it holds a key that is none of these, nothing, or an empty object */
    public function holdsOnly(string ...$known): void
    {
        foreach ($this->strict ? $this->keys : [] as $key => $value) {
            if (! in_array($key, $known, true)) {
                throw UnreadableBody::at((string) $key, $value, 'one of '.implode(', ', $known));
            }
            if ($value === null) {
                throw UnreadableBody::at((string) $key, $value, 'a value; what has none is left out');
            }
        }
    }

    /** @return array<mixed> as it came */
    public function all(): array
    {
        return $this->keys;
    }

    /** @return list<mixed> */
    private function list(string $key): array
    {
        $value = $this->keys[$key] ?? [];

        return is_array($value) && array_is_list($value) && count($value) <= self::MOST ? $value : throw UnreadableBody::at($key, $value, 'a list of at most '.self::MOST);
    }

    private static function asKey(string $key, mixed $value): string
    {
        return is_string($value) && preg_match(self::KEY, $value) === 1 ? $value : throw UnreadableBody::at($key, $value, '1 to 120 letters, digits or signs without a space');
    }
}
