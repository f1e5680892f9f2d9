<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;
use Illuminate\Validation\Rule;
use Tekkal\Core\Document\Agent;

/** A general table is proposed. */
final class AskGeneralTableRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:20|regex:/^[A-Z0-9-]+$/', 'source' => 'required|string|max:20', 'condition' => ['required', Rule::in(Agent::CONDITIONS)], 'tolerance' => 'required|string|max:30',
            'rows' => 'required|string|max:20000', 'although' => ['nullable', 'string', 'max:400', new OneLine],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.required' => 'Give it a code, such as GT-01.', 'code.regex' => 'A code has capital letters, digits and hyphens, such as GT-01.', 'source.required' => 'Say which paper it stands in.',
            'condition.required' => 'Say how the threads are: dry, engine oil.', 'condition.in' => 'Say how the threads are: dry, engine oil.', 'tolerance.required' => 'Say how far to either side: 10 %.', 'rows.required' => 'Write a row for each bolt: M8; 8.8; cast iron; 24 N·m.',
        ];
    }

    /** @return array{code: string, source: string, condition: string, tolerance: string, rows: string, although: string} */
    public function fields(): array
    {
        return ['code' => $this->text('code'), 'source' => $this->text('source'), 'condition' => $this->text('condition'), 'tolerance' => $this->text('tolerance'), 'rows' => $this->text('rows'), 'although' => trim($this->text('although'))];
    }
}
