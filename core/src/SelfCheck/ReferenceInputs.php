<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use UnexpectedValueException;

/** What a check value was computed from, as its file says it. */
final readonly class ReferenceInputs
{
    /** @param  array<mixed>  $inputs */
    public function __construct(private array $inputs)
    {
    }

    public function has(string $name): bool
    {
        return isset($this->inputs[$name]);
    }

    /** @throws UnexpectedValueException when there is no such number */
    public function float(string $name): float
    {
        $value = $this->inputs[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new UnexpectedValueException("There is no number $name.");
    }

    /** @throws UnexpectedValueException when there is no such text */
    public function text(string $name): string
    {
        $value = $this->inputs[$name] ?? null;

        return is_string($value) ? $value : throw new UnexpectedValueException("There is no text $name.");
    }

    /** @return list<float> */
    public function floats(string $name): array
    {
        return self::numbers($this->inputs[$name] ?? null);
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $value = $this->inputs[$name] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** @return list<list<float>> */
    public function rows(string $name): array
    {
        $rows = $this->inputs[$name] ?? [];

        return array_map(self::numbers(...), is_array($rows) ? array_values($rows) : []);
    }

    /** @return list<float> */
    private static function numbers(mixed $list): array
    {
        $numbers = [];
        foreach (is_array($list) ? $list : [] as $value) {
            $numbers[] = is_int($value) || is_float($value) ? (float) $value : throw new UnexpectedValueException('A list of numbers is wanted.');
        }

        return $numbers;
    }
}
