<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\ToolFields;
use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;
use LogicException;
use Tekkal\Core\Tool\ToolRecord;

/** Tools that come into the crib, each as its fields. */
final class RegisterToolsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['tools' => 'required|array|min:1', 'tools.*' => 'required|array:'.self::FIELDS, 'tools.*.*' => 'nullable|string|max:120'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tools.required' => 'There is no tool in it.'];
    }

    public const FIELDS = 'code,name,form,class,unit,lowest,highest,resolution,directions,permissible,threshold,length,angle,place,owner,months,cycles';

    private const MOST = 500;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['tools' => self::MOST]);
    }

    /** @return non-empty-list<ToolRecord> */
    public function records(): array
    {
        $records = [];
        foreach (array_values((array) $this->validated('tools')) as $i => $fields) {
            $records[] = ToolFields::read((array) $fields, "tools.$i.");
        }

        return $records === [] ? throw new LogicException('tools was validated and is empty.') : $records;
    }
}
