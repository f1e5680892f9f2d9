<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\People\Role;
use App\Shared\Http\JsonBody;
use App\Shared\Rules\OneLine;
use Illuminate\Validation\Rule;

/** Somebody comes to the shop, or reads for a customer. */
final class AddPersonRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', new OneLine],
            'sign_in_name' => ['nullable', 'string', PersonChangeRequest::SIGN_IN_NAME],
            'badge' => ['nullable', 'string', PersonChangeRequest::BADGE],
            'roles' => 'required|array|min:1|max:5', 'roles.*' => Rule::enum(Role::class),
            'customer' => 'nullable|string|max:36',
            'password' => 'required|string|max:200',
        ];
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['roles' => 5]);
        PersonChangeRequest::withoutPrefix($this);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return PersonChangeRequest::words();
    }

    /** @return array{name: string, sign_in_name: string|null, badge: string|null} */
    public function names(): array
    {
        $signIn = $this->optionalText('sign_in_name');

        return ['name' => $this->text('name'), 'sign_in_name' => $signIn === null ? null : strtolower($signIn), 'badge' => $this->optionalText('badge')];
    }

    /** @return list<Role> */
    public function roles(): array
    {
        return PersonChangeRequest::rolesOf($this->validated('roles'));
    }
}
