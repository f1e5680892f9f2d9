<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use DateTimeImmutable;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\RackTool;

/** The crib as a bench has to know it: every tool with which a reading is taken, with its calibrations, for a day of the shop. */
final class CribRack
{
    public static function today(): Rack
    {
        $rows = ToolRow::query()->with('calibrations:entry_id,tool,calibrated_on,due_on,conforms,found,read_in')->where('kind', '!=', '')->where('state', '!=', ToolState::Retired->value)->get()->sortBy('code');

        return self::of(array_values($rows->all()), now()->toImmutable());
    }

    /** @param  list<ToolRow>  $rows  with their calibrations */
    public static function of(array $rows, DateTimeImmutable $at): Rack
    {
        $tools = [];
        foreach ($rows as $row) {
            $tool = ToolBook::tool($row, $at);
            if ($tool !== null) {
                $tools[] = new RackTool($row->id, $row->name, $tool, ToolBook::historyOf($row->calibrations));
            }
        }

        return new Rack($tools, ToolBook::day($at));
    }
}
