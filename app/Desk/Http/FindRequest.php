<?php

declare(strict_types=1);

namespace App\Desk\Http;

use Illuminate\Foundation\Http\FormRequest;

/** Something scanned or typed into the one field. */
final class FindRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['q' => 'required|string|min:2|max:60'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['q.min' => 'Write at least 2 characters.', 'q.required' => 'Scan or type something to find.'];
    }

    /** Without what scanners put before serials (@S), tools (@T), badges (@B) and job cards (@C), so that a scan never enters as a reading. */
    public function wanted(): string
    {
        $text = trim($this->string('q')->value());

        return preg_replace('/^@[STBC]/', '', $text) ?? $text;
    }
}
