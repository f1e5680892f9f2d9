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
    public const TEXTS = ['variant', 'order_number', 'core', 'waits_for', 'note'];

    public const DAYS = ['received_on', 'due_on'];

    /**
     * @param  string  $core  what came in, and in which condition
     * @param  string|null  $received_on  YYYY-MM-DD, by the shop's calendar
     * @param  string|null  $due_on  when it must leave, YYYY-MM-DD
     * @param  string  $waits_for  what holds it up that is not here
     * @param  list<Machined>  $machining  what was done, at which joint where it is at one, and where there
     */
    public function __construct(
        public string $variant = '',
        public string $order_number = '',
        public string $core = '',
        public ?string $received_on = null,
        public ?string $due_on = null,
        public array $machining = [],
        public string $waits_for = '',
        public string $note = '',
    ) {
    }

    public static function ofSubject(Subject $subject): self
    {
        return new self($subject->variant, $subject->order_number, $subject->core, $subject->received_on?->format('Y-m-d'), $subject->due_on?->format('Y-m-d'), $subject->machining, $subject->waits_for, $subject->note);
    }

    /** Those of an entry that tells of an engine; of one that says nothing of it, none. */
    public static function ofEntry(Entry $entry): self
    {
        $text = fn (string $field): string => $entry->optional("data.facts.$field") ?? '';
        $machining = [];
        foreach ((array) data_get($entry->body, 'data.facts.machining') as $one) {
            $joint = data_get($one, 'joint');
            $machining[] = ['what' => (string) data_get($one, 'what'), 'joint' => is_string($joint) ? $joint : null, 'at' => (string) data_get($one, 'at')];
        }

        return new self($text('variant'), $text('order_number'), $text('core'), $entry->optional('data.facts.received_on'), $entry->optional('data.facts.due_on'), $machining, $text('waits_for'), $text('note'));
    }

    /** The same, waiting for something else, or for nothing. */
    public function waitingFor(string $what): self
    {
        return new self($this->variant, $this->order_number, $this->core, $this->received_on, $this->due_on, $this->machining, $what, $this->note);
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
        return [
            'variant' => $this->variant, 'order_number' => $this->order_number, 'core' => $this->core, 'received_on' => $this->received_on, 'due_on' => $this->due_on,
            'waits_for' => $this->waits_for, 'note' => $this->note,
        ];
    }
}
