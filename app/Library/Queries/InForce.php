<?php

declare(strict_types=1);

namespace App\Library\Queries;

/** A revision that was in force at a moment, and the procedure that it is of. */
final readonly class InForce
{
    /**
     * @param  string  $planHash  of its plan
     * @param  string  $option  the hardware that it is for
     * @param  string|null  $variant  the name of the variant that it is for; null: every engine of the family
     */
    public function __construct(
        public string $revision,
        public string $joint,
        public string $procedure,
        public string $letter,
        public string $planHash,
        public string $option,
        public ?string $variant,
    ) {
    }
}
