<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A check was answered: yes or no; of a go/no-go pair, whether the go gauge entered and whether the no-go gauge did. */
final readonly class CheckAnswered implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public bool $go,
        public ?bool $noGo,
        public Stamp $stamp,
    ) {
    }
}
