<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Role;
use App\Shared\Http\JsonBody;
use App\Shared\Rules\OneLine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One thing about somebody changes: the address says which, and only that is asked for. */
final class PersonChangeRequest extends PersonRequest
{
    /** As badges are printed and scanned. */
    public const BADGE = 'regex:/^[\x21-\x7e]{1,20}$/D';

    public const SIGN_IN_NAME = 'regex:/^[A-Za-z0-9][A-Za-z0-9._-]{0,59}$/D';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return match (basename($this->path())) {
            'rename' => ['name' => ['required', 'string', 'max:120', new OneLine], 'sign_in_name' => ['nullable', 'string', self::SIGN_IN_NAME]],
            'badge' => ['badge' => ['nullable', 'string', self::BADGE]],
            'shift' => ['shift' => 'nullable|string|max:40'],
            'roles', 'come-back' => ['roles' => 'required|array|min:1|max:5', 'roles.*' => Rule::enum(Role::class), 'password' => 'required|string|max:200'],
            'pin', 'link' => ['password' => 'required|string|max:200'],
            'leave' => ['successor' => 'nullable|string|max:36', 'password' => 'required|string|max:200'],
            default => [],
        };
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['roles' => 5]);
        self::withoutPrefix($this);
    }

    /** What scanners put before badges is no part of one. */
    public static function withoutPrefix(FormRequest $request): void
    {
        if (is_string($request->input('badge'))) {
            $request->merge(['badge' => preg_replace('/^@B/', '', $request->input('badge'))]);
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::words();
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return [
            'name.required' => 'Write the name.', 'name.max' => 'A name has at most 120 characters.',
            'sign_in_name.regex' => 'A sign-in name has letters A to Z, digits, dots, hyphens and underscores, at most 60, and begins with a letter or digit.',
            'badge.regex' => 'A badge has 1 to 20 letters, digits or signs, without blanks.',
            'roles.required' => 'Say what they do here: at least one place to stand.', 'roles.*' => 'There is no such place to stand.',
            'password.required' => 'Write your own password once more.',
        ];
    }

    public function lower(string $field): ?string
    {
        $text = $this->optionalText($field);

        return $text === null ? null : strtolower($text);
    }

    /** @return list<Role> */
    public function roles(): array
    {
        return self::rolesOf($this->validated('roles'));
    }

    /** @return list<Role> */
    public static function rolesOf(mixed $roles): array
    {
        return array_values(array_map(fn (string $r): Role => Role::from($r), array_unique(array_filter((array) $roles, is_string(...)))));
    }
}
