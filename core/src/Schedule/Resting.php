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
     * @param  list<string>  $opened
     * @return list<string> these, and what rests on them, and on that
     */
    public function openedWith(array $opened): array
    {
        do {
            $known = count($opened);
            foreach ($this->on as $joint => $beneath) {
                if (! in_array($joint, $opened, true) && array_intersect($beneath, $opened) !== []) {
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
