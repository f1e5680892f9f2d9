<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Models\Person;
use App\Shared\Refused;

/** A tool into somebody’s hands. */
final class LendRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['badge' => 'required|string|max:20', 'build' => 'nullable|string|max:36'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['badge.required' => 'Scan the badge of whoever takes it.'];
    }

    public function to(): Person
    {
        $badge = preg_replace('/^@B/', '', $this->text('badge'));

        return Person::query()->where('badge', $badge)->first() ?? throw Refused::field('badge', "No badge $badge is known here.", $badge);
    }
}
