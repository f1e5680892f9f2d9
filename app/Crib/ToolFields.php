<?php

declare(strict_types=1);

namespace App\Crib;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
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
        return self::guarded(fn (): ToolRecord => ToolRecord::read(array_map(fn (mixed $v): string => is_string($v) ? $v : '', $fields)), $at);
    }

    /**
     * What the core refuses in it is refused by the API.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function guarded(Closure $work, string $at = ''): mixed
    {
        try {
            return $work();
        } catch (ToolException|UnitException $e) {
            throw self::refused($e, $at);
        }
    }

    public static function refused(ToolException|UnitException $e, string $at = ''): Refused
    {
        return new Refused(ProblemType::BadValue, $e->getMessage(), 422, ['field' => $at.$e->what, 'value' => $e->value, 'limit' => $e->limit]);
    }
}
