<?php

declare(strict_types=1);

namespace App\Record\Contracts;

/** Something that is stopped, or would be. */
final readonly class StoppedThing
{
    /**
     * @param  string  $key  its id
     * @param  string  $title  "Tarn TN3 main caps, stock bolts: revision C"
     * @param  string  $short  as a bench has it, where engine and joint stand above: "Revision C"
     * @param  string  $link  where it is shown, at a desk
     * @param  string  $since  what the engines are taken from, as a sentence: all, since its last calibration, what the record does not say
     * @param  string|null  $knownAs  one of the core's words for what a run knows of it; null where no run can know
     * @param  string  $knownBy  what it is known by in a run: an id, or the number of a lot
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $short,
        public string $link,
        public string $since,
        public ?string $knownAs,
        public string $knownBy,
    ) {
    }
}
