<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\CoreException;
use Tekkal\Core\Unit\Doubtful;
use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\NotUnderstood;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/**
 * One object of a document being read. Every read that fails notes its problem and returns a harmless stand-in, so that
 * reading goes on and the author sees all problems at once; the stand-ins never leave the reader.
 */
final class ObjectReader
{
    /** No fastener of an engine needs more; what lies beyond is a slip (common practice, no source). In base units. */
    private const ABSURD = ['torque' => '10000', 'angle' => '3600', 'length' => '20000'];

    public const NOTHING_TO_NAME = 'there is nothing it could name';

    private const LONGEST_TEXT = 2000;

    /** @var array<string, true> */
    private array $read = [];

    /** @param  array<mixed>  $values */
    public function __construct(
        private readonly array $values,
        public readonly string $pointer,
        private readonly Problems $problems,
    ) {
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->values);
    }

    public function string(string $key): string
    {
        $value = $this->value($key);
        if (is_string($value) && trim($value) !== '' && Letters::count($value) <= self::LONGEST_TEXT) {
            if (! PlainText::isLines($value)) {
                $this->problem($key, 'a text without control signs and marks of direction is wanted');
            }

            return $value;
        }
        $this->problem($key, sprintf('a text of 1 to %d characters is wanted', self::LONGEST_TEXT));

        return '';
    }

    /** What a joint, an option, a family and the like is called: one line. */
    public function name(string $key): string
    {
        $value = $this->string($key);
        if (Letters::count($value) > PlainText::LONGEST_NAME || ($value !== '' && ! PlainText::isLine($value))) {
            $this->problem($key, sprintf('a name of 1 to %d characters in one line is wanted', PlainText::LONGEST_NAME));
        }

        return $value;
    }

    public function optionalString(string $key): ?string
    {
        return $this->has($key) ? $this->string($key) : null;
    }

    /** @param  array<string>  $allowed */
    public function oneOf(string $key, array $allowed, ?string $default = null): string
    {
        $value = $this->value($key) ?? $default;
        if (is_string($value) && in_array($value, $allowed, true)) {
            return $value;
        }
        $this->problem($key, $allowed === [] ? self::NOTHING_TO_NAME : 'one of '.implode(', ', $allowed).' is wanted');

        return array_values($allowed)[0] ?? '';
    }

    /** A whole number within limits. */
    public function integer(string $key, int $least, int $most, ?int $default = null): int
    {
        $value = $this->value($key) ?? $default;
        if (is_int($value) && $value >= $least && $value <= $most) {
            return $value;
        }
        $this->problem($key, sprintf('a whole number from %d to %d is wanted', $least, $most));

        return $least;
    }

    public function boolean(string $key, bool $default = false): bool
    {
        $value = $this->value($key) ?? $default;
        if (! is_bool($value)) {
            $this->problem($key, 'true or false is wanted');
        }

        return $value === true;
    }

    /** A value as printed, such as "32 N·m"; null, and a problem, when it is not one. */
    public function quantity(string $key, ?Kind $kind): ?Written
    {
        $value = $this->value($key);
        if (! is_string($value)) {
            $this->problem($key, 'a value as printed with its unit is wanted, as a text such as "32 N·m"');

            return null;
        }
        $parsed = QuantityParser::parse($value, $kind);
        if (! $parsed instanceof Understood) {
            $this->problem($key, match (true) {
                $parsed instanceof NotUnderstood => lcfirst(rtrim($parsed->sentence, '.')),
                $parsed instanceof Doubtful => rtrim($parsed->question, '?').'? Write it without a comma',
                default => 'a value with its unit is wanted',
            });

            return null;
        }

        return $this->notAbsurd($key, $parsed->value);
    }

    public function optionalQuantity(string $key, ?Kind $kind): ?Written
    {
        return $this->has($key) ? $this->quantity($key, $kind) : null;
    }

    /** A length and the like that is not to be had may be written {"missing": "why"}; it is noted, and is no problem. */
    public function quantityOrMissing(string $key, Kind $kind): ?Written
    {
        return $this->missing($key) ? null : $this->quantity($key, $kind);
    }

    /** Says the field {"missing": "why"}? Then it is noted: a value missing blocks approval, not drafting. */
    public function missing(string $key): bool
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value) || array_keys($value) !== ['missing']) {
            return false;
        }
        $this->read[$key] = true;
        $why = (new self($value, "$this->pointer/$key", $this->problems))->string('missing');
        $this->problems->noteMissing("$this->pointer/$key", $why);

        return true;
    }

    /** The limits "low" and "high", one of which may be absent; null when both are. */
    public function window(?Kind $kind, string $lowKey = 'low', string $highKey = 'high'): ?Window
    {
        $low = $this->optionalQuantity($lowKey, $kind);
        $high = $this->optionalQuantity($highKey, $kind ?? $low?->unit->kind());
        if ($low === null && $high === null) {
            return null;
        }
        try {
            return new Window($low, $high);
        } catch (CoreException) {
            $this->problem($highKey, 'the upper limit must not lie below the lower one');

            return null;
        }
    }

    public function optionalDuration(string $key): ?Duration
    {
        if (! $this->has($key)) {
            return null;
        }
        try {
            $value = $this->value($key);

            return Duration::printed(is_string($value) ? $value : '');
        } catch (CoreException) {
            $this->problem($key, 'a time is wanted: a whole number and s, min, h or d, such as "15 min", at most a year');

            return null;
        }
    }

    /** Coordinates and sizes of a map, in millimetres, written as decimal strings. */
    public function millimetres(string $key): string
    {
        $value = $this->value($key);
        if (is_string($value) && preg_match('/^-?\d{1,5}(\.\d{1,3})?$/D', $value) === 1) {
            return $value;
        }
        $this->problem($key, 'millimetres are wanted, as a decimal text such as "62.5"');

        return '0';
    }

    public function object(string $key): self
    {
        $value = $this->value($key);
        if (! is_array($value) || array_is_list($value)) {
            $this->problem($key, 'an object is wanted');
            $value = [];
        }

        return new self($value, "$this->pointer/$key", $this->problems);
    }

    public function optionalObject(string $key): ?self
    {
        return $this->has($key) ? $this->object($key) : null;
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        $value = $this->value($key);
        if (! is_array($value) || $value === [] || ! array_is_list($value)) {
            $this->problem($key, 'a list of at least one object is wanted');

            return [];
        }
        $objects = [];
        foreach ($value as $i => $item) {
            if (is_array($item) && ! array_is_list($item)) {
                $objects[] = new self($item, "$this->pointer/$key/$i", $this->problems);
            } else {
                $this->problems->add("$this->pointer/$key/$i", $item, 'an object is wanted');
            }
        }

        return $objects;
    }

    /** How many items a list has, before any is read; 0 where there is no list. */
    public function count(string $key): int
    {
        $value = $this->value($key);

        return is_array($value) ? count($value) : 0;
    }

    /** @return list<self> an absent list is an empty one */
    public function optionalObjects(string $key): array
    {
        return $this->has($key) && $this->values[$key] !== [] ? $this->objects($key) : $this->nothing($key);
    }

    /**
     * Reads each object of a list, whose keys must be present and differ, and closes it.
     *
     * @template T
     *
     * @param  callable(self, string): T  $read
     * @return array<string, T> by key, in the document's order
     */
    public function keyed(string $list, callable $read, bool $optional = false): array
    {
        $things = [];
        foreach ($optional ? $this->optionalObjects($list) : $this->objects($list) as $object) {
            $key = $object->string('key');
            if (preg_match('/^[a-z][a-z0-9_]{0,31}$/D', $key) !== 1 || isset($things[$key])) {
                $object->problem('key', 'a key of a–z, 0–9 and _ is wanted that no other object of the list has');
            }
            $things[$key] = $read($object, $key);
            $object->close();
        }

        return $things;
    }

    /** @return list<string> an absent list is an empty one */
    public function strings(string $key): array
    {
        $value = $this->value($key) ?? [];
        if (is_array($value) && array_is_list($value) && array_filter($value, is_string(...)) === $value) {
            return $value;
        }
        $this->problem($key, 'a list of texts is wanted');

        return [];
    }

    /**
     * Texts each of which names something known.
     *
     * @param  list<string>  $known
     * @return list<string>
     */
    public function namesOf(string $key, array $known, string $what): array
    {
        $names = $this->strings($key);
        foreach ($names as $i => $name) {
            if (! in_array($name, $known, true)) {
                $this->problems->add("$this->pointer/$key/$i", $name, "the key of $what is wanted");
            }
        }

        return $names;
    }

    public function isList(string $key): bool
    {
        return is_array($this->values[$key] ?? null) && array_is_list($this->values[$key]);
    }

    /** Whatever nobody has read is no field of the language: a misspelt name must not pass for an absent one. */
    public function close(): void
    {
        foreach (array_diff_key($this->values, $this->read) as $key => $value) {
            $this->problems->add($this->pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key), $value, 'no field of this name is known here');
        }
    }

    public function problem(string $key, string $wanted): void
    {
        $this->read[$key] = true;
        $this->problems->add($key === '' ? $this->pointer : "$this->pointer/$key", $key === '' ? $this->values : ($this->values[$key] ?? null), $wanted);
    }

    /**
     * The fields named, as they stand.
     *
     * @param  list<string>  $keys
     * @return array<string, mixed>
     */
    public function slice(array $keys): array
    {
        return array_intersect_key($this->values, array_flip($keys));
    }

    /** @return array<mixed> the object as it stands, whatever is in it */
    public function all(): array
    {
        return $this->values;
    }

    private function notAbsurd(string $key, Written $value): ?Written
    {
        $kind = $value->unit->kind();
        if (! $value->quantity()->inBase()->isGreaterThan(self::ABSURD[$kind->value])) {
            return $value;
        }
        $this->problem($key, sprintf('at most %s %s is plausible for a fastener', self::ABSURD[$kind->value], $kind->baseUnit()->symbol()));

        return null;
    }

    private function value(string $key): mixed
    {
        $this->read[$key] = true;

        return $this->values[$key] ?? null;
    }

    /** @return list<self> */
    private function nothing(string $key): array
    {
        $this->read[$key] = true;

        return [];
    }
}
