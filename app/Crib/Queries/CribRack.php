<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\RackTool;
use Tekkal\Core\Tool\Day;

/** The crib as a bench has to know it: every tool with its calibrations, for a day of the shop. */
final class CribRack
{
    public static function today(): Rack
    {
        return self::of(array_values(ToolRow::query()->with('calibrations')->get()->sortBy('code')->all()), ToolBook::day(now()->toImmutable()));
    }

    /** @param  list<ToolRow>  $rows  with their calibrations */
    public static function of(array $rows, Day $day): Rack
    {
        return new Rack(array_map(fn (ToolRow $row): RackTool => new RackTool($row->id, $row->name, ToolBook::tool($row), ToolBook::historyOf($row->calibrations)), $rows), $day);
    }
}
