<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;

/** An engine family with its joints and variants. */
final class AddFamilyRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:12', 'name' => ['required', 'string', 'max:80', new OneLine], 'description' => 'nullable|string|max:200', 'joints' => 'array|max:60', 'joints.*' => ['string', 'min:1', 'max:80', new OneLine],
            'variants' => 'array|max:20', 'variants.*.name' => 'required|string|max:80', 'variants.*.serials_from' => 'nullable|string|max:40', 'variants.*.serials_to' => 'nullable|string|max:40',
            'variants.*.years_from' => 'nullable|digits:4', 'variants.*.years_to' => 'nullable|digits:4', 'variants.*.note' => 'nullable|string|max:200',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.required' => 'Write the code that the family’s serials begin with, such as TN3.', 'name.required' => 'Write the family’s name.'];
    }

    /** @return list<string> in assembly order */
    public function joints(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('joints', [])));
    }

    /** @return list<array<string, string>> */
    public function variants(): array
    {
        return array_values(array_map(fn (array $v): array => array_map(strval(...), array_filter($v, fn (mixed $x): bool => $x !== null)), (array) $this->validated('variants', [])));
    }
}
