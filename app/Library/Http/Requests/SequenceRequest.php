<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;
use Tekkal\Core\Document\MapReader;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Unit\Length;

/** An order of positions is asked for, or somebody's own is judged. */
final class SequenceRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'positions' => 'required|array|min:1|max:2000', 'positions.*.key' => 'required|string|max:32', 'positions.*.x' => 'required|numeric|between:-99999,99999', 'positions.*.y' => 'required|numeric|between:-99999,99999',
            'order' => 'present|array', 'order.*' => 'string|max:32', 'pattern' => 'nullable|in:'.implode(',', array_column(Pattern::cases(), 'value')), 'reversed' => 'nullable|boolean',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['positions.required' => 'Draw the positions first.'];
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['positions' => MapReader::MOST_POSITIONS, 'order' => MapReader::MOST_POSITIONS]);
    }

    /** @return list<Position> */
    public function positions(): array
    {
        return array_map(fn (array $p): Position => new Position($p['key'], $p['key'], Length::millimetres((string) $p['x']), Length::millimetres((string) $p['y']), '', ''), array_values((array) $this->validated('positions')));
    }
}
