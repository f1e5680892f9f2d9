<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;
use Tekkal\Core\Document\CitedSource;

/** A document that figures come from. */
final class KeepSourceRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:20|regex:/^[A-Z0-9-]+$/', 'kind' => 'required|in:'.implode(',', CitedSource::KINDS), 'title' => ['required', 'string', 'max:160', new OneLine], 'edition' => ['required', 'string', 'max:60', new OneLine],
            'date' => 'required|string|max:20', 'kept' => 'nullable|string|max:160', 'superseded_by' => 'nullable|string|max:20',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.required' => 'Give it a code, such as S-014.', 'code.regex' => 'A code has capital letters, digits and hyphens, such as S-014.', 'title.required' => 'Write the title as printed.', 'edition.required' => 'Write the edition or issue.', 'date.required' => 'Write its date, such as 2025-11.', 'kind.required' => 'Say whose document it is.'];
    }

    /** @return array{code: string, kind: string, title: string, edition: string, date: string, kept: string, superseded_by: string|null} */
    public function fields(): array
    {
        return [
            'code' => $this->text('code'), 'kind' => $this->text('kind'), 'title' => $this->text('title'), 'edition' => $this->text('edition'), 'date' => $this->text('date'),
            'kept' => $this->text('kept'), 'superseded_by' => $this->optionalText('superseded_by'),
        ];
    }
}
