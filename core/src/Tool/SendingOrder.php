<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** Which of the tools that are due may go away together, so that the shop keeps one at home for what each can do. */
final readonly class SendingOrder
{
    /** @var list<string> numbers of tools that may go now */
    public array $now;

    /** @var array<string, list<string>> for each that has to wait, the numbers of those that could stand in for it and are going or gone */
    public array $wait;

    /**
     * @param  list<Tool>  $due  most urgent first
     * @param  list<Tool>  $home  all that are at home and good, those that are due among them
     * @param  list<Tool>  $gone  that are away
     */
    public function __construct(array $due, array $home, array $gone = [])
    {
        $now = $wait = [];
        $left = [];
        foreach ($home as $tool) {
            $left[$tool->code] = $tool;
        }
        $going = $gone;
        foreach ($due as $tool) {
            unset($left[$tool->code]);
            if (self::thoseFor($tool, array_values($left)) !== []) {
                [$now[], $going[]] = [$tool->code, $tool];

                continue;
            }
            $others = array_map(fn (Tool $t): string => $t->code, self::thoseFor($tool, $going));
            // Nothing else here can ever stand in for it: waiting would help nobody.
            if ($others === []) {
                [$now[], $going[]] = [$tool->code, $tool];
            } else {
                $wait[$tool->code] = $others;
                $left[$tool->code] = $tool;
            }
        }
        [$this->now, $this->wait] = [$now, $wait];
    }

    /**
     * One stands in for another when it measures the same and covers at least half of its range.
     *
     * @param  list<Tool>  $among
     * @return list<Tool>
     */
    private static function thoseFor(Tool $tool, array $among): array
    {
        [$low, $high] = self::ends($tool);

        return array_values(array_filter($among, function (Tool $other) use ($tool, $low, $high): bool {
            [$from, $to] = self::ends($other);

            return $other->kind === $tool->kind && $other->code !== $tool->code && min($high, $to) - max($low, $from) >= ($high - $low) / 2;
        }));
    }

    /** @return array{float, float} in the base unit */
    private static function ends(Tool $tool): array
    {
        return [$tool->range->lowest->quantity()->inBase()->toFloat(), $tool->range->highest->quantity()->inBase()->toFloat()];
    }
}
