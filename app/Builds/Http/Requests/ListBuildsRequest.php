<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** The newest builds, of one state or of any. */
final class ListBuildsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['state' => 'nullable|in:open,finished,shipped'];
    }
}
