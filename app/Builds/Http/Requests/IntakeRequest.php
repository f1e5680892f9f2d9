<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Builds\IntakeLine;
use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;
use App\Shared\Refused;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** What was found of an engine that came back, joint by joint. */
final class IntakeRequest extends PersonRequest
{
    private const MOST = 60;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['joints' => self::MOST]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'joints' => 'required|array|min:1', 'joints.*.joint' => 'required|string|max:36', 'joints.*.opened' => 'required|boolean', 'joints.*.found' => 'nullable|string|max:400',
            'joints.*.movements' => 'array|max:60', 'joints.*.movements.*.at' => 'required|string|max:40', 'joints.*.movements.*.value' => 'required|string|max:40',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'joints.required' => 'Say of each joint whether it was opened.', 'joints.*.opened.required' => 'Say of each joint whether it was opened.', 'joints.*.found.max' => 'What was found is told in at most 400 signs.',
            'joints.*.movements.*.at.required' => 'Say at which bolt it first moved.', 'joints.*.movements.*.value.required' => 'Write the torque at which it first moved, with its unit.',
        ];
    }

    /** @return list<IntakeLine> */
    public function lines(): array
    {
        $lines = [];
        foreach (array_values((array) $this->validated('joints')) as $i => $one) {
            $movements = [];
            foreach (array_values((array) data_get($one, 'movements')) as $n => $moved) {
                $movements[] = ['at' => trim((string) data_get($moved, 'at')), 'value' => self::torque((string) data_get($moved, 'value'), "joints.$i.movements.$n.value")];
            }
            $lines[] = new IntakeLine((string) data_get($one, 'joint'), data_get($one, 'opened') === true, trim((string) data_get($one, 'found')), $movements);
        }

        return $lines;
    }

    private static function torque(string $text, string $field): string
    {
        $read = QuantityParser::parse($text, Kind::Torque);

        return $read instanceof Understood ? $read->value->code() : throw Refused::field($field, sprintf('"%s" is no torque with its unit; 28 N·m or 21 lbf·ft is wanted.', mb_substr($text, 0, 40)), $text);
    }
}
