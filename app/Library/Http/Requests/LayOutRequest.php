<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** Positions are laid out by a pattern. */
final class LayOutRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pattern' => 'required|in:rows,circle,pairs', 'count' => 'required|integer|min:1|max:200', 'rows' => 'nullable|integer|min:1|max:20', 'staggered' => 'nullable|boolean',
            'pitch' => 'nullable|numeric', 'apart' => 'nullable|numeric', 'diameter' => 'nullable|numeric', 'from' => 'nullable|numeric', 'x' => 'required|numeric|between:-10000,10000', 'y' => 'required|numeric|between:-10000,10000',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.max' => 'At most 200 positions are laid out at once.', 'count.required' => 'Say how many.'];
    }
}
