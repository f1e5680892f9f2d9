<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;
use Tekkal\Core\Unit\Kind;

/** A tool is taken for a quantity. */
final class TakeToolRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['quantity' => ['required', Rule::enum(Kind::class)], 'tool' => 'required|string|max:36'];
    }

    public function quantity(): Kind
    {
        return Kind::from($this->text('quantity'));
    }
}
