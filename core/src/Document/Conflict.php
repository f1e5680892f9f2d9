<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Sources that disagree about one value: both sides stay on record, with what was decided and why. */
final readonly class Conflict
{
    /**
     * @param  array<string, string>  $sides  what each source says, by its key
     * @param  string|null  $decided  the key of the source that is followed; null while it is open
     */
    private function __construct(
        public string $key,
        public ?string $stage,
        public string $about,
        public array $sides,
        public ?string $decided,
        public ?string $reason,
    ) {
    }

    /** @param  list<string>  $sources */
    public static function read(ObjectReader $f, string $key, array $sources): self
    {
        $sides = [];
        foreach ($f->objects('sides') as $side) {
            $source = $side->oneOf('source', $sources);
            if (isset($sides[$source])) {
                $side->problem('source', 'a source that has no other side here is wanted');
            }
            $sides[$source] = $side->string('says');
            $side->close();
        }
        if (count($sides) === 1) {
            $f->problem('sides', 'at least two sides are wanted');
        }
        $decided = $f->has('decided') ? $f->oneOf('decided', array_map(strval(...), array_keys($sides))) : null;
        $reason = $decided === null ? $f->optionalString('reason') : $f->string('reason');

        return new self($key, $f->optionalString('stage'), $f->string('about'), $sides, $decided, $reason);
    }

    /** @param  array<string, CitedSource>  $sources */
    public function precedence(array $sources): ?Precedence
    {
        $of = array_values(array_intersect_key($sources, $this->sides));

        return $of === [] ? null : Precedence::among($of);
    }

    /**
     * What stands in the way of a signature, if anything.
     *
     * @param  array<string, CitedSource>  $sources
     */
    public function whyNotApprovable(array $sources): ?string
    {
        if ($this->decided === null) {
            return sprintf('%s: the sources disagree and nothing is decided.', $this->about);
        }
        $governs = $this->precedence($sources)?->governs;

        return $sources[$this->decided]->kind === 'shop_standard' && $governs !== null && $governs->kind !== 'shop_standard'
            ? sprintf('%s: shop practice does not override %s. Follow it, or ask for a deviation permit.', $this->about, $governs->title)
            : null;
    }
}
