<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** What the partner holds, at which torque, against which direction. */
final readonly class Held
{
    private function __construct(
        public string $what,
        public ?Written $torque,
        public ?Window $window,
        public string $direction,
    ) {
    }

    /** As it stands after an article: "wheel", whether the document says "wheel" or "the wheel". */
    public function part(): string
    {
        return (string) preg_replace('/^the /i', '', $this->what);
    }

    public static function read(ObjectReader $f): self
    {
        $held = new self(
            $f->string('what'),
            $f->optionalQuantity('torque', Kind::Torque),
            $f->window(Kind::Torque),
            $f->oneOf('direction', ['clockwise', 'anticlockwise']),
        );
        if ($held->torque !== null && $held->window?->judge($held->torque->quantity())->isGood() === false) {
            $f->problem('torque', 'the torque held must lie inside its own window '.$held->window->typeset());
        }
        $f->close();

        return $held;
    }
}
