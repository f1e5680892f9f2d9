<?php

declare(strict_types=1);

namespace App\Bench;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;

/** The tool that was used, as the crib knew it then. */
final readonly class ToolUse
{
    /**
     * @param  ToolRow|null  $tool  null when the crib knows none of this id
     * @param  list<string>  $unfit  why it is not fit for what it was used for; empty when it is, or was not asked
     */
    public function __construct(
        public ?ToolRow $tool,
        public array $unfit,
        public ?CalibrationRow $calibration,
    ) {
    }

    /** @return list<array{what: string, entry: string, leaf: string}> the entries that what is decided rests on */
    public function restsOn(): array
    {
        $rests = $this->tool === null ? [] : [['what' => 'tool', 'entry' => $this->tool->entry_id, 'leaf' => $this->tool->entry_leaf]];

        return $this->calibration === null ? $rests : [...$rests, ['what' => 'calibration', 'entry' => $this->calibration->entry_id, 'leaf' => $this->calibration->leaf_hash]];
    }
}
