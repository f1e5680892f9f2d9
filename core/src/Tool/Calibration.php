<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** One calibration of one tool: its day, whether the tool conformed, and the last day for which it holds. */
final readonly class Calibration
{
    public function __construct(
        public string $id,
        public Day $on,
        public Day $due,
        public bool $conforms,
    ) {
    }
}
