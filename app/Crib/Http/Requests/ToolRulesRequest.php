<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** By what tools of a form are calibrated. */
final class ToolRulesRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['rules' => 'required|array:permissible,points,readings,preloads,months,cycles,rule,template,elsewhere,note'];
    }
}
