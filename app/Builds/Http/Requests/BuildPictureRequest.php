<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Library\Http\Requests\BringsFile;
use App\People\Http\PersonRequest;

/** A picture of an engine, and what is to be seen on it. */
final class BuildPictureRequest extends PersonRequest
{
    use BringsFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['shows' => 'required|string|max:120'] + self::fileRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shows.required' => 'Say what is to be seen on it.', 'shows.max' => 'Say in at most 120 signs what is to be seen on it.'] + self::fileMessages();
    }
}
