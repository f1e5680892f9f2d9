<?php

declare(strict_types=1);

namespace App\Bench;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use Tekkal\Core\Tool\Fitness;

/** The tool that gave a reading, as the crib knew it then. */
final readonly class ToolUse
{
    /**
     * @param  ToolRow|null  $tool  null when the crib knows none of this id
     * @param  Fitness|null  $fitness  null where it was not asked
     */
    public function __construct(
        public ?ToolRow $tool,
        public ?Fitness $fitness,
        public ?CalibrationRow $calibration,
    ) {
    }

    /** @return array<string, string> hashes of what a verdict rests on */
    public function restsOn(): array
    {
        return array_filter(['tool' => $this->tool === null ? null : ToolBook::setUpHash($this->tool), 'calibration' => $this->calibration?->leaf_hash]);
    }

    /** @return array<string, string> what the entry says of it */
    public function data(): array
    {
        return array_filter(['tool_code' => $this->tool?->code, 'calibration' => $this->calibration?->entry_id], fn (?string $v): bool => $v !== null);
    }
}
