<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/**
 * One calibration of one tool: its day, the last day for which it holds, and whether the tool conformed. As it was found
 * tells of the time before; as it was left, of the time after.
 */
final readonly class Calibration
{
    public AsFound $found;

    /**
     * @param  bool  $conforms  as it was left
     * @param  AsFound|null  $found  null: it was left as it was found
     */
    public function __construct(
        public string $id,
        public Day $on,
        public Day $due,
        public bool $conforms,
        ?AsFound $found = null,
    ) {
        $this->found = $found ?? AsFound::conforming($conforms);
    }
}
