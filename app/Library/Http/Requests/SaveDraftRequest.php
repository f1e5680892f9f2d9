<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;

/** A draft as it stands on somebody's screen. */
final class SaveDraftRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['document' => 'required|array', 'answers' => 'present|array', 'answers.*' => 'nullable|string|max:1000', 'version' => 'required|integer'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answers.*.max' => 'An answer has at most 1000 characters.'];
    }

    private const MOST_ANSWERS = 500;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['answers' => self::MOST_ANSWERS]);
    }

    /** @return array<string, string> by the doubt's key; blank ones are none */
    public function answers(): array
    {
        return array_filter((array) $this->validated('answers'), fn (mixed $a): bool => is_string($a) && $a !== '');
    }
}
