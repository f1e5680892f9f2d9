<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What goes into the engine or onto it for a while and has to come out again: a pin, a lock, plugs, a guard, a blocking bar. */
final readonly class Aid
{
    private const KINDS = ['pin', 'lock', 'plug', 'guard', 'bar', 'strip', 'other'];

    private const IN_PLAN = ['key', 'number', 'name', 'kind', 'pieces', 'holds_shaft', 'stays'];

    /**
     * @param  string  $number  as it is stamped on the aid itself, so that it is counted in and out
     * @param  int  $pieces  that go in; each at a place of its own
     * @param  bool  $holdsShaft  must the shaft not be turned while it is in?
     * @param  bool  $stays  may it be in when the work is finished?
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public string $number,
        public string $name,
        public int $pieces,
        public bool $holdsShaft,
        public bool $stays,
        private array $planFields,
    ) {
    }

    public static function read(ObjectReader $f): self
    {
        $f->oneOf('kind', self::KINDS);

        return new self($f->string('key'), $f->name('number'), $f->name('name'), $f->integer('pieces', 1, 99, 1), $f->boolean('holds_shaft'), $f->boolean('stays'), $f->slice(self::IN_PLAN));
    }

    /** "aid 2 (the crank lock)". */
    public function words(): string
    {
        return "aid $this->number ($this->name)";
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
