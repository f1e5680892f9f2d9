<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Letters;

/** Rules of a form of tools as somebody set them, field by field. */
final readonly class RuleFields
{
    /** @param  array<mixed>  $data */
    public function __construct(private array $data)
    {
    }

    public function text(string $field, int $most = 40): string
    {
        $text = $this->data[$field] ?? null;

        return is_string($text) && trim($text) !== '' && Letters::count($text) <= $most ? trim($text) : throw $this->no($field, $text, "a text of 1 to $most characters");
    }

    public function whole(string $field, int $least, int $most): int
    {
        $value = $this->data[$field] ?? null;

        return is_int($value) && $value >= $least && $value <= $most ? $value : throw $this->no($field, $value, "a whole number, $least to $most");
    }

    public function optionalWhole(string $field, int $most): ?int
    {
        return ($this->data[$field] ?? null) === null ? null : $this->whole($field, 1, $most);
    }

    public function has(string $field): bool
    {
        return ($this->data[$field] ?? null) !== null;
    }

    public function flag(string $field): bool
    {
        return ($this->data[$field] ?? false) === true;
    }

    /** @param  non-empty-list<string>  $admitted */
    public function oneOf(string $field, array $admitted): string
    {
        $value = $this->data[$field] ?? null;

        return is_string($value) && in_array($value, $admitted, true) ? $value : throw $this->no($field, $value, implode(', ', $admitted));
    }

    /** A decimal from 0 up, without sign or exponent. */
    public function number(string $field): float
    {
        $value = $this->data[$field] ?? null;

        return is_string($value) && preg_match('/^\d{1,9}(\.\d{1,9})?$/D', $value) === 1 ? (float) $value : throw $this->no($field, $value, 'a number of at least 0');
    }

    public function permissible(): string
    {
        $said = $this->text('permissible');
        if (preg_match('/^([1-9]\d?) steps?$/D', $said) !== 1) {
            Permissible::of(str_ends_with($said, '%') ? $said : throw $this->no('permissible', $said, 'a share such as 4 %, or steps of the scale such as 2 steps'));
        }

        return $said;
    }

    /** @return list<string> */
    public function points(): array
    {
        $points = $this->data['points'] ?? null;
        if (! is_array($points) || $points === [] || count($points) > 12) {
            throw $this->no('points', null, '1 to 12 shares of the range in %');
        }
        foreach ($points as $point) {
            if (! is_string($point) || preg_match('/^\d{1,3}(\.\d{1,3})?$/D', $point) !== 1 || (float) $point > 100.0) {
                throw $this->no('points', $point, '0 to 100 %');
            }
        }

        return array_values(array_map(strval(...), $points));
    }

    /** @return array{some: int, much: int} */
    public function elsewhere(): array
    {
        $of = new self(is_array($this->data['elsewhere'] ?? null) ? $this->data['elsewhere'] : []);

        return ['some' => $of->whole('some', 0, 1_000_000), 'much' => $of->whole('much', 0, 1_000_000)];
    }

    /** @return list<string> */
    public function texts(string $field, int $most): array
    {
        $texts = $this->data[$field] ?? [];
        if (! is_array($texts) || ! array_is_list($texts) || count($texts) > $most) {
            throw $this->no($field, null, "at most $most");
        }

        return array_map(fn (mixed $t): string => is_string($t) && Letters::count($t) <= 40 ? trim($t) : throw $this->no($field, $t, 'a number, as a text,'), $texts);
    }

    /** @return list<self> */
    public function objects(string $field, int $most): array
    {
        $objects = $this->data[$field] ?? null;
        if (! is_array($objects) || ! array_is_list($objects) || count($objects) > $most) {
            throw $this->no($field, null, "at most $most lines");
        }

        return array_map(fn (mixed $o): self => new self(is_array($o) ? $o : []), $objects);
    }

    public function no(string $field, mixed $value, string $limit): ToolException
    {
        $said = is_scalar($value) ? (string) $value : '';

        return new ToolException(sprintf('%s%s: %s.', ucfirst(str_replace('_', ' ', $field)), $said === '' ? ' is missing' : " \"$said\"", "$limit wanted"), $field, $said, $limit);
    }
}
