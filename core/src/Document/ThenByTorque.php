<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;

/**
 * A sourced rule: the first so many of a round are measured, and once all of those are good the others may be done by torque
 * alone. Each keeps the grade that it has: what was not measured is not called measured.
 */
final readonly class ThenByTorque
{
    /**
     * @param  int  $first  that are measured, in the order of the round
     * @param  Window  $window  of the torque for those after them
     * @param  Attestation  $evidence  the weakest that those after them may rest on
     */
    private function __construct(public int $first, public Window $window, public Attestation $evidence, public string $source)
    {
    }

    public static function read(ObjectReader $f): ?self
    {
        $window = $f->window(Kind::Torque);
        if ($window === null) {
            $f->problem('low', 'the torque for those after them is wanted, from … to');
        }
        $rule = [$f->integer('first', 1, 99), Attestation::from($f->oneOf('evidence', array_column(Attestation::cases(), 'value'), Attestation::Measured->value)), $f->string('source')];
        $f->close();

        return $window === null ? null : new self($rule[0], $window, $rule[1], $rule[2]);
    }
}
