<?php

declare(strict_types=1);

namespace App\Bench;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;

/** The tool that was used, as the crib knew it then. */
final readonly class ToolUse
{
    public function __construct(public ToolRow $tool, public ?CalibrationRow $calibration)
    {
    }

    /** @return list<array{what: string, entry: string, leaf: string}> the entries that what is decided rests on */
    public function restsOn(): array
    {
        $rests = [['what' => 'tool', 'entry' => $this->tool->entry_id, 'leaf' => $this->tool->entry_leaf]];

        return $this->calibration === null ? $rests : [...$rests, ['what' => 'calibration', 'entry' => $this->calibration->entry_id, 'leaf' => $this->calibration->leaf_hash]];
    }
}
