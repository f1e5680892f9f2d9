<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** A joint is given out by a row of a general table. */
final class GiveByTableRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['table' => 'required|string|max:36', 'row' => 'required|string|max:120', 'bolts' => 'required|integer|min:1|max:40', 'layout' => 'required|string|max:12', 'person' => 'required|string|max:36', 'class_c' => 'boolean'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'table.required' => 'Choose the row of the table.', 'row.required' => 'Choose the row of the table.', 'bolts.required' => 'Say how many bolts it has.', 'bolts.integer' => 'A number of bolts is wanted, 1 to 40.', 'bolts.min' => 'A number of bolts is wanted, 1 to 40.', 'bolts.max' => 'A number of bolts is wanted, 1 to 40; more deserve a procedure of their own.',
            'layout.required' => 'Say how the bolts lie.', 'person.required' => 'Choose who gets it.',
        ];
    }

    /** @return array{table: string, row: string, bolts: int, layout: string} */
    public function byRow(): array
    {
        return ['table' => $this->text('table'), 'row' => $this->text('row'), 'bolts' => $this->integer('bolts'), 'layout' => $this->text('layout')];
    }
}
