<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\Validation\Validator;

/** A failed validation as facts: the first field that is wrong, what stood in it, the limit it passed and the limit's unit. */
final class ValidationFacts
{
    /** Never sent back, not even to whoever typed it. */
    private const SECRET = ['password', 'pin', 'second_pin'];

    private const LONGEST_ECHO = 200;

    /** @return array{string, int, array<string, mixed>} sentence, status, facts */
    public static function of(ValidationException $e): array
    {
        $errors = array_map(fn (array $sentences): string => (string) ($sentences[0] ?? ''), $e->errors());
        $field = (string) array_key_first($errors);
        $value = $e->validator instanceof Validator ? data_get($e->validator->getData(), $field) : null;
        $facts = array_filter([
            'field' => $field,
            'value' => self::echo($field, $value),
            ...self::limit((array) ($e->validator->failed()[$field] ?? []), $value),
        ], fn (mixed $fact): bool => $fact !== null);

        return [$errors[$field] ?? 'A value is missing.', 422, $facts + ['errors' => $errors]];
    }

    private static function echo(string $field, mixed $value): mixed
    {
        return match (true) {
            in_array($field, self::SECRET, true) => null,
            is_string($value) => Str::limit(mb_scrub($value), self::LONGEST_ECHO, '…'),
            is_int($value), is_bool($value) => $value,
            default => null,
        };
    }

    /**
     * @param  array<string, list<mixed>>  $failed  parameters by rule
     * @return array<string, mixed>
     */
    private static function limit(array $failed, mixed $value): array
    {
        $unit = is_string($value) && ! isset($failed['Integer']) ? 'characters' : null;

        return match (true) {
            isset($failed['Max'][0]) => ['limit' => (int) $failed['Max'][0], 'unit' => $unit],
            isset($failed['Min'][0]) => ['limit' => (int) $failed['Min'][0], 'unit' => $unit],
            isset($failed['In']) => ['limit' => implode(', ', $failed['In'])],
            default => [],
        };
    }
}
