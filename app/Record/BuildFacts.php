<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Record\Models\Subject;

/**
 * What is known of an engine beside its fasteners. What nobody has said is empty, and shown as that.
 *
 * @phpstan-type Machined array{what: string, joint: string|null, at: string}
 */
final readonly class BuildFacts
{
    /** In signs. */
    public const LONGEST = ['variant' => 80, 'order_number' => 40, 'core' => 400, 'waits_for' => 120, 'note' => 400];

    public const TEXTS = ['variant', 'order_number', 'core', 'waits_for', 'note'];

    public const DAYS = ['received_on', 'due_on'];

    /**
     * @param  array<string, string|null>  $said  what came in and in which condition (core), its order, its variant, what holds it up, a note; when it came and when it must leave, YYYY-MM-DD by the shop's calendar
     * @param  list<Machined>  $machining  what was done, at which joint where it is at one, and where there
     */
    public function __construct(private array $said = [], public array $machining = [])
    {
    }

    public static function ofSubject(Subject $subject): self
    {
        return new self([
            'variant' => $subject->variant, 'order_number' => $subject->order_number, 'core' => $subject->core, 'waits_for' => $subject->waits_for, 'note' => $subject->note,
            'received_on' => $subject->received_on?->format('Y-m-d'), 'due_on' => $subject->due_on?->format('Y-m-d'),
        ], $subject->machining);
    }

    /** Those of an entry that tells of an engine; of one that says nothing of it, none. */
    public static function ofEntry(Entry $entry): self
    {
        $fields = [...self::TEXTS, ...self::DAYS];
        $machining = [];
        foreach ((array) data_get($entry->body, 'data.facts.machining') as $one) {
            $joint = data_get($one, 'joint');
            $machining[] = ['what' => (string) data_get($one, 'what'), 'joint' => is_string($joint) ? $joint : null, 'at' => (string) data_get($one, 'at')];
        }

        return new self(array_combine($fields, array_map(fn (string $f): ?string => $entry->optional("data.facts.$f"), $fields)), $machining);
    }

    /** The same, and this where nobody has said it. */
    public function orElse(string $field, string $text): self
    {
        return $this->text($field) === '' ? new self([$field => $text] + $this->said, $this->machining) : $this;
    }

    /** Empty where nobody has said it. */
    public function text(string $field): string
    {
        return $this->said[$field] ?? '';
    }

    /** @return string|null YYYY-MM-DD */
    public function day(string $field): ?string
    {
        return $this->text($field) === '' ? null : $this->text($field);
    }

    /** @return array<string, mixed> as an entry holds them: nothing that is empty */
    public function toData(): array
    {
        $machining = array_map(fn (array $m): array => array_filter($m, fn (?string $v): bool => $v !== null && $v !== ''), $this->machining);

        return array_filter(['machining' => $machining] + $this->plain(), fn (mixed $v): bool => $v !== null && $v !== '' && $v !== []);
    }

    /** @return array<string, mixed> as an answer has them */
    public function toAnswer(): array
    {
        return ['machining' => array_map(fn (array $m): array => $m + ['words' => Machining::from($m['what'])->words()], $this->machining)] + $this->plain();
    }

    /** @return array<string, string|null> as the row has them */
    public function toRow(): array
    {
        return ['machining' => json_encode($this->machining, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)] + $this->plain();
    }

    /** @return array<string, string|null> */
    private function plain(): array
    {
        return array_combine(self::TEXTS, array_map($this->text(...), self::TEXTS)) + array_combine(self::DAYS, array_map($this->day(...), self::DAYS));
    }
}
