<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Letters;

/** The growing list of problems, and of values said to be missing, while one document is read. */
final class Problems
{
    /** A document with more is not read by anybody; the rest is not listed. */
    private const MOST = 200;

    /** @var list<Problem> */
    private array $found = [];

    /** @var list<MissingValue> */
    private array $missing = [];

    public function add(string $pointer, mixed $value, string $wanted): void
    {
        $shown = match (true) {
            $value === null => 'nothing',
            is_scalar($value) => json_encode(is_string($value) ? Letters::first($value, 60) : $value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE),
            is_array($value) && ! array_is_list($value) => 'an object',
            default => 'a list',
        };
        if (count($this->found) < self::MOST) {
            $this->found[] = new Problem($pointer, (string) $shown, $wanted);
        }
    }

    public function noteMissing(string $pointer, string $why): void
    {
        $this->missing[] = new MissingValue($pointer, $why);
    }

    /** @return list<MissingValue> */
    public function missing(): array
    {
        return $this->missing;
    }

    public function count(): int
    {
        return count($this->found);
    }

    /** @throws InvalidDocument when anything was found */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new InvalidDocument($this->found);
        }
    }
}
