<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Queries\StepsLeft;
use App\Shared\Http\JsonBody;
use App\Shared\Rules\OneLine;
use Illuminate\Validation\Rule;

/** Something about the shop is set: the address says what. */
final class ShopRequest extends PersonRequest
{
    private const MOST_SHIFTS = 6;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return match (true) {
            $this->is('api/shop') => FirstUseRequest::shopRules(),
            $this->is('api/shop/shifts') => ['shifts' => 'present|array|max:'.self::MOST_SHIFTS, 'shifts.*.name' => ['required', 'string', 'max:40', new OneLine], 'shifts.*.from' => 'required|string|max:10', 'shifts.*.to' => 'required|string|max:10'],
            $this->is('api/shop/skills') => ['decide' => 'required|boolean'],
            default => ['as' => ['required', Rule::in(['open', ...StepsLeft::SAID])]],
        };
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['shifts' => self::MOST_SHIFTS]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'shop.name.required' => 'Write what the shop is called.', 'shop.name.max' => 'A name has at most 120 characters.', 'shop.time_zone.*' => 'Choose the shop’s time zone.', 'shop.*_unit.*' => 'Choose the unit.',
            'shifts.*.name.required' => 'Give each shift a name, such as early.', 'shifts.*.name.max' => 'The name of a shift has at most 40 characters.', 'shifts.*.from.*' => 'Write when the shift begins, as 06:00.', 'shifts.*.to.*' => 'Write when the shift ends, as 14:00.', 'as.*' => 'Say later, or not needed.', 'decide.*' => 'Say whether it decides: true or false.',
        ];
    }

    /** @return array{name: string, time_zone: string, torque_unit: string, length_unit: string} */
    public function shop(): array
    {
        return FirstUseRequest::shopOf($this->validated('shop'));
    }

    /** @return list<array{name: string, from: string, to: string}> */
    public function shifts(): array
    {
        $text = fn (mixed $shift, string $key): string => is_array($shift) && is_string($shift[$key] ?? null) ? $shift[$key] : '';

        return array_values(array_map(fn (mixed $s): array => ['name' => $text($s, 'name'), 'from' => $text($s, 'from'), 'to' => $text($s, 'to')], (array) $this->validated('shifts')));
    }
}
