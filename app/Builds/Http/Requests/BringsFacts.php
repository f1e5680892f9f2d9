<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Record\BuildFacts;
use App\Record\Machining;
use App\Shared\Http\JsonBody;
use Illuminate\Validation\Rule;

/** What is known of an engine beside its fasteners, as a form brings it. */
trait BringsFacts
{
    private const MOST_MACHINED = 40;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['machining' => self::MOST_MACHINED]);
    }

    public function facts(): BuildFacts
    {
        $machining = array_map(fn (mixed $m): array => ['what' => (string) data_get($m, 'what'), 'joint' => self::orNull(data_get($m, 'joint')), 'at' => (string) data_get($m, 'at')], array_values((array) $this->validated('machining', [])));

        $fields = [...BuildFacts::TEXTS, ...BuildFacts::DAYS];

        return new BuildFacts(array_combine($fields, array_map(fn (string $f): ?string => self::orNull($this->validated($f)), $fields)), $machining);
    }

    /** @return array<string, mixed> */
    private static function factRules(): array
    {
        return [
            'received_on' => 'nullable|date_format:Y-m-d', 'due_on' => 'nullable|date_format:Y-m-d',
            'machining' => 'array', 'machining.*.what' => ['required', Rule::enum(Machining::class)], 'machining.*.joint' => 'nullable|string|max:36', 'machining.*.at' => 'nullable|string|max:120',
        ] + array_map(fn (int $longest): string => "nullable|string|max:$longest", BuildFacts::LONGEST);
    }

    /** @return array<string, string> */
    private static function factMessages(): array
    {
        return [
            'received_on.date_format' => 'The day on which it came in is no day. Write it as 2026-11-30.', 'due_on.date_format' => 'The day on which it is due is no day. Write it as 2026-11-30.',
            'machining.*.what' => 'Choose what was done to the metal.', 'waits_for.max' => 'Say in at most 120 signs what it waits for.', 'core.max' => 'What came in is told in at most 400 signs.', 'note.max' => 'A note has at most 400 signs.',
            'order_number.max' => 'An order’s number has at most 40 signs.',
        ];
    }

    private static function orNull(mixed $value): ?string
    {
        return is_string($value) && $value !== '' ? $value : null;
    }
}
