<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Duration;

/** What is on a contact surface. Locker and some sealants have a working time from their application. */
final readonly class Agent
{
    private const IN_PLAN = ['key', 'surface', 'condition', 'working_time', 'groups'];

    public const CONDITIONS = ['dry', 'engine oil', 'molybdenum grease', 'assembly lubricant', 'locker', 'anti-seize', 'sealant', 'wax'];

    /**
     * @param  list<string>  $groups  empty: every group
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public string $surface,
        public string $condition,
        public ?Duration $workingTime,
        public array $groups,
        private array $planFields,
    ) {
    }

    /** @param  list<string>  $groups */
    public static function read(ObjectReader $f, array $groups): self
    {
        return new self(
            $f->optionalString('key') ?? '',
            $f->oneOf('surface', ['threads', 'under head', 'under nut', 'washer', 'threads and under head']),
            $f->oneOf('condition', self::CONDITIONS),
            $f->optionalDuration('working_time'),
            $f->namesOf('groups', $groups, 'a group'),
            $f->slice(self::IN_PLAN),
        );
    }

    /** By what it goes in the record: only what has a working time needs a key in a document, the rest goes by its surface. */
    public function register(): string
    {
        return $this->key === '' ? strtr($this->surface, ' ', '_') : $this->key;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
