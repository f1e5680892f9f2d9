<?php

declare(strict_types=1);

namespace App\Simulators\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Tekkal\Core\Simulation\Manner;

/** A pull at a simulated wrench. */
final class PullRequest extends FormRequest
{
    private const NUMBER = ['required', 'string', 'regex:/^\d{1,6}(\.\d{1,18})?$/'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'unit' => 'required|in:N.m,lbf.ft,lbf.in,kgf.m,kgf.cm,cN.m,ozf.in,deg,turn,mm,um,in,thou,tenth', 'low' => self::NUMBER, 'high' => self::NUMBER, 'resolution' => self::NUMBER,
            'manner' => ['required', Rule::enum(Manner::class)], 'seed' => 'required|string|max:100',
        ];
    }
}
