<?php

declare(strict_types=1);

namespace App\Crib;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Tool\ToolException;
use Tekkal\Core\Tool\ToolRecord;
use Tekkal\Core\Unit\UnitException;

/** Fields of tools as requests and tables bring them; what the core refuses is told by field, value and limit. */
final class ToolFields
{
    /**
     * @param  array<mixed>  $fields
     * @param  string  $at  before the name of the field
     */
    public static function read(array $fields, string $at = ''): ToolRecord
    {
        try {
            return ToolRecord::read(array_map(fn (mixed $v): string => is_string($v) ? $v : '', $fields));
        } catch (ToolException|UnitException $e) {
            throw self::refused($e, $at);
        }
    }

    public static function refused(ToolException|UnitException $e, string $at = ''): Refused
    {
        return new Refused(ProblemType::BadValue, $e->getMessage(), 422, ['field' => $at.$e->what, 'value' => $e->value, 'limit' => $e->limit]);
    }
}
