<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\UnreadableBody;

/** What a shop knows of a joint beside the procedure: what is stamped on fasteners, whose other stamps are, and how long its rounds take here. */
final readonly class Known
{
    /**
     * @param  array<string, string>  $stamps  by fastener type of the procedure
     * @param  array<string, string>  $others  other hardware that the joint is known with, by its stamp
     * @param  array<string, int>  $seconds  that one fastener took in earlier runs of the joint, by round; the median
     */
    public function __construct(public array $stamps = [], public array $others = [], public array $seconds = [])
    {
    }

    /** Whose stamp that is, this hardware left out; null where nobody knows. */
    public function whose(string $reads): ?string
    {
        foreach ($this->others as $stamp => $hardware) {
            if (self::isSame((string) $stamp, $reads)) {
                return $hardware;
            }
        }

        return null;
    }

    /** Capitals, spaces and hyphens differ from one die to the next. */
    public static function isSame(string $a, string $b): bool
    {
        return self::plain($a) === self::plain($b);
    }

    /** @return list<string> every stamp that is known at the joint, in an order that says nothing of which it should be */
    public function stamps(): array
    {
        $all = array_values(array_unique([...array_values($this->stamps), ...array_map(strval(...), array_keys($this->others))]));
        usort($all, strnatcasecmp(...));

        return $all;
    }

    /** @throws UnreadableBody when it is not what toBody() writes */
    public static function fromBody(Body $body): self
    {
        $of = fn (string $list, string $key, string $value): array => array_column(array_map(fn (Body $b): array => [$b->text($key), $b->text($value)], $body->objects($list)), 1, 0);
        $seconds = array_column(array_map(fn (Body $b): array => [$b->key('stage'), $b->count('seconds')], $body->objects('times')), 1, 0);

        return new self($of('stamps', 'fastener', 'reads'), $of('others', 'reads', 'hardware'), $seconds);
    }

    /** @return array{stamps: list<array{fastener: string, reads: string}>, others: list<array{reads: string, hardware: string}>, times: list<array{stage: string, seconds: int}>} lists, since a stamp may be a number */
    public function toBody(): array
    {
        return [
            'stamps' => array_map(fn (string $type, string $reads): array => ['fastener' => $type, 'reads' => $reads], array_map(strval(...), array_keys($this->stamps)), array_values($this->stamps)),
            'others' => array_map(fn (string $reads, string $hardware): array => ['reads' => $reads, 'hardware' => $hardware], array_map(strval(...), array_keys($this->others)), array_values($this->others)),
            'times' => array_map(fn (string $stage, int $seconds): array => ['stage' => $stage, 'seconds' => $seconds], array_map(strval(...), array_keys($this->seconds)), array_values($this->seconds)),
        ];
    }

    /** What is printed, without what differs from one die or bag to the next. */
    public static function plain(string $stamp): string
    {
        return strtoupper((string) preg_replace('/[\s\-‐-―_]+/u', '', $stamp));
    }
}
