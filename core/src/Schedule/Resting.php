<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/** What rests on what in an engine: whoever opens a joint has opened everything that rests on it. Common practice, no source. */
final readonly class Resting
{
    /** @param  array<string, list<string>>  $on  by joint: those that it rests on */
    private function __construct(private array $on)
    {
    }

    /**
     * @param  list<string>  $order  joints in the order of assembly
     * @param  array<string, list<string>>  $on  by joint: those that it rests on
     *
     * @throws ScheduleException when one is no joint of the engine, or rests on one that is put together after it
     */
    public static function of(array $order, array $on): self
    {
        $places = array_flip($order);
        foreach ($on as $joint => $beneath) {
            foreach ([$joint, ...$beneath] as $one) {
                isset($places[$one]) || throw new ScheduleException('That is no joint of this engine.', 'joint', $one, implode(', ', $order));
            }
            foreach ($beneath as $one) {
                if ($places[$one] >= $places[$joint]) {
                    throw new ScheduleException('A joint rests on what is put together before it, and on nothing after.', 'on', $one, 'earlier in the order of assembly');
                }
            }
        }

        return new self($on);
    }

    /**
     * What is carried in a subassembly comes off with it as it is: a head is lifted off with its cams in. It comes apart
     * only with what is carried in the same one.
     *
     * @param  list<string>  $opened
     * @param  array<string, string>  $carried  by joint: the subassembly that it is carried in; of no other
     * @return list<string> these, and what rests on them, and on that
     */
    public function openedWith(array $opened, array $carried = []): array
    {
        do {
            $known = count($opened);
            foreach ($this->on as $joint => $beneath) {
                $reached = array_filter(array_intersect($beneath, $opened), fn (string $one): bool => ! isset($carried[$joint]) || $carried[$joint] === ($carried[$one] ?? null));
                if (! in_array($joint, $opened, true) && $reached !== []) {
                    $opened[] = $joint;
                }
            }
        } while (count($opened) > $known);

        return $opened;
    }

    /** @return list<string> those that it rests on by what was said of it */
    public function beneath(string $joint): array
    {
        return $this->on[$joint] ?? [];
    }
}
