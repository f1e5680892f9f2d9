<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** What is known of an engine beside its fasteners, all of it. */
final class DescribeBuildRequest extends PersonRequest
{
    use BringsFacts;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::factRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::factMessages();
    }
}
