<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Models\Skill;
use App\Shared\Http\JsonBody;
use App\Shared\Rules\OneLine;
use Illuminate\Validation\Rule;
use Tekkal\Core\Schedule\Method;

/** What somebody may do from now on, and how they came to it. */
final class SignSkillRequest extends PersonRequest
{
    private const MOST_BUILDS = 20;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'family' => 'required|string|max:10', 'method' => ['required', Rule::enum(Method::class)],
            'earned' => ['required', Rule::in([Skill::CERTIFICATE, Skill::SUPERVISED, Skill::LEARNING])],
            'wanted' => 'nullable|integer|min:0|max:1000', 'builds' => 'nullable|array|max:'.self::MOST_BUILDS, 'builds.*' => ['string', 'max:40', new OneLine],
            'note' => ['nullable', 'string', 'max:200', new OneLine], 'valid_until' => 'nullable|date_format:Y-m-d',
        ];
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['builds' => self::MOST_BUILDS]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'family.required' => 'Choose the engine family.', 'method.*' => 'Choose the method.', 'earned.*' => 'Say how it was earned.',
            'valid_until.date_format' => 'Write the last day on which it holds, as 2028-11-30.', 'note.max' => 'At most 200 characters.',
        ];
    }

    /** @return array{family: string, method: string, earned: string, wanted: int, builds: list<string>, note: string|null, valid_until: string|null} */
    public function terms(): array
    {
        return [
            'family' => strtoupper($this->text('family')), 'method' => $this->text('method'), 'earned' => $this->text('earned'),
            'wanted' => (int) $this->validated('wanted'), 'builds' => array_values(array_filter(array_map(fn (mixed $b): string => is_string($b) ? strtoupper(trim($b)) : '', (array) $this->validated('builds')))),
            'note' => $this->optionalText('note'), 'valid_until' => $this->optionalText('valid_until'),
        ];
    }
}
