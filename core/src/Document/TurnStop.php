<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Why the shaft must not be turned for a while: the thrust halves are not set, the valves would meet the pistons. */
final readonly class TurnStop
{
    private const IN_PLAN = ['key', 'why', 'from', 'until'];

    /**
     * @param  string|null  $from  the stage from whose first result on it holds; null: from the beginning
     * @param  string|null  $until  the stage or check that ends it once it is done; null: it holds to the end
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public string $why,
        public ?string $from,
        public ?string $until,
        private array $planFields,
    ) {
    }

    /**
     * @param  list<string>  $stages
     * @param  list<string>  $checks
     */
    public static function read(ObjectReader $f, array $stages, array $checks): self
    {
        if (! $f->has('from') && ! $f->has('until')) {
            $f->problem('until', 'a round from which it holds, or a round or check that ends it, is wanted');
        }

        return new self(
            $f->string('key'), $f->string('why'),
            $f->has('from') ? $f->oneOf('from', $stages) : null,
            $f->has('until') ? $f->oneOf('until', [...$stages, ...$checks]) : null,
            $f->slice(self::IN_PLAN),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
