<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Shop;
use App\Shared\Rules\OneLine;
use Illuminate\Validation\Rule;

/** The code of a new shop; with it, once it is seen to be right, the shop and its first lead. */
final class FirstUseRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => 'required|string|max:40'] + ($this->is('api/first-use/code') ? [] : self::shopRules() + [
            'lead' => 'required|array', 'lead.name' => ['required', 'string', 'max:120', new OneLine],
            'lead.sign_in_name' => ['required', 'string', PersonChangeRequest::SIGN_IN_NAME],
            // Not in "lead": what is called password anywhere is kept to the letter, at its first level.
            'password' => 'required|string|max:1000',
        ]);
    }

    /** @return array<string, mixed> */
    public static function shopRules(): array
    {
        return [
            'shop' => 'required|array', 'shop.name' => ['required', 'string', 'max:120', new OneLine], 'shop.time_zone' => 'required|string|max:60',
            'shop.torque_unit' => ['required', Rule::in(Shop::TORQUE_UNITS)], 'shop.length_unit' => ['required', Rule::in(Shop::LENGTH_UNITS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.required' => 'Write the code that stands on the terminal.',
            'shop.name.required' => 'Write what the shop is called.', 'shop.name.max' => 'A name has at most 120 characters.', 'shop.time_zone.*' => 'Choose the shop’s time zone.', 'shop.*_unit.*' => 'Choose the unit.',
            'lead.name.required' => 'Write the name of who leads.', 'lead.name.max' => 'A name has at most 120 characters.', 'lead.sign_in_name.required' => 'Choose a name to sign in with.',
            'lead.sign_in_name.regex' => PersonChangeRequest::words()['sign_in_name.regex'], 'password.*' => 'Choose a password.',
        ];
    }

    /** @return array{name: string, time_zone: string, torque_unit: string, length_unit: string} */
    public function shop(): array
    {
        return self::shopOf($this->validated('shop'));
    }

    /** @return array{name: string, time_zone: string, torque_unit: string, length_unit: string} */
    public static function shopOf(mixed $shop): array
    {
        $of = fn (string $key): string => is_array($shop) && is_string($shop[$key] ?? null) ? $shop[$key] : '';

        return ['name' => $of('name'), 'time_zone' => $of('time_zone'), 'torque_unit' => $of('torque_unit'), 'length_unit' => $of('length_unit')];
    }

    /** @return array{name: string, sign_in_name: string} */
    public function lead(): array
    {
        $lead = (array) $this->validated('lead');
        $of = fn (string $key): string => is_string($lead[$key] ?? null) ? $lead[$key] : '';

        return ['name' => $of('name'), 'sign_in_name' => $of('sign_in_name')];
    }
}
