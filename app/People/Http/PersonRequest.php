<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Person;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Http\FormRequest;

/** A request of somebody who is signed in. What it may bring is said by those that extend it; by itself it brings nothing. */
class PersonRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @throws AuthenticationException when nobody is signed in */
    public function person(): Person
    {
        $person = $this->user();

        return $person instanceof Person ? $person : throw new AuthenticationException;
    }

    /** A text that was validated; empty where none was given. */
    public function text(string $field): string
    {
        return $this->optionalText($field) ?? '';
    }

    public function optionalText(string $field): ?string
    {
        $value = $this->validated($field);

        return is_string($value) ? $value : null;
    }
}
