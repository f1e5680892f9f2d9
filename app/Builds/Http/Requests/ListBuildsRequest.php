<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;
use App\Record\BuildState;

/** Engines of one state, or all that are here. */
final class ListBuildsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['state' => 'nullable|in:'.implode(',', array_column(BuildState::cases(), 'value'))];
    }
}
