<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** An engine is to leave the shop with a joint that is not recorded. */
final class LetGoRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => 'required|string|max:400', 'customer_reference' => 'nullable|string|max:120'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it leaves unrecorded.', 'reason.max' => 'Say why in at most 400 signs.'];
    }
}
