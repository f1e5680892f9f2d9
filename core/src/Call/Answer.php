<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

/** One way to answer a call: a key, what it says, and the event that it becomes. */
final readonly class Answer
{
    /**
     * @param  string  $key  of the numeric pad: Enter, *, or a digit where several are to be chosen from
     * @param  array<string, mixed>|null  $event  type and content, without what is typed; null for a command, which goes by its name
     * @param  list<string>  $takes  names of the fields that go into it
     * @param  string|null  $command  join, look, finish: somebody at the server is needed for it
     * @param  bool  $good  is it what one hopes for? Such a key is never beside one that throws away
     */
    private function __construct(public string $key, public string $says, public ?array $event, public array $takes, public ?string $command, public bool $good)
    {
    }

    /**
     * @param  array<string, mixed>  $event
     * @param  list<string>  $takes
     */
    public static function event(string $key, string $says, array $event, array $takes = [], bool $good = true): self
    {
        return new self($key, $says, $event, $takes, null, $good);
    }

    /** @param  array<string, mixed>  $content */
    public static function command(string $key, string $says, string $command, array $content = []): self
    {
        return new self($key, $says, $content === [] ? null : $content, [], $command, true);
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return ['key' => $this->key, 'says' => $this->says, 'takes' => $this->takes, 'good' => $this->good]
            + ($this->event === null ? [] : ['event' => $this->event])
            + ($this->command === null ? [] : ['command' => $this->command]);
    }
}
