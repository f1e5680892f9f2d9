<?php

declare(strict_types=1);

namespace App\Bench;

use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Unit\Written;

/** A value as the bench gave it. */
final readonly class ObservedReading
{
    /**
     * @param  ReadingSource  $claimed  where the bench says that it came from
     * @param  string  $deviceVerdict  as the bench judged it
     */
    public function __construct(
        public Written $value,
        public string $raw,
        public string $tool,
        public ReadingSource $claimed,
        public string $deviceVerdict,
    ) {
    }

    /**
     * Where the value came from, as far as the server can know better: no tool is connected to a bench yet, and simulated
     * ones exist in a demo only. Whatever else is claimed was typed, and may be withdrawn like it.
     */
    public function source(): ReadingSource
    {
        return $this->claimed === ReadingSource::SimulatedTool && config('shop.demo') === true ? $this->claimed : ReadingSource::Typed;
    }

    public function isSimulated(): bool
    {
        return $this->claimed === ReadingSource::SimulatedTool;
    }
}
