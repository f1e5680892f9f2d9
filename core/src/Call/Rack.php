<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\UnreadableBody;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\ToolKind;

/** The tools that a bench could take, the shop's calendar day for which they are judged, what the shop knows of the joint, and what it has stopped. */
final readonly class Rack
{
    /** @var array<string, RackTool> by id */
    public array $tools;

    /**
     * @param  list<RackTool>  $tools  in the order in which they are offered
     * @param  list<StopOrder>  $stops  in force, of those that a run could come to
     */
    public function __construct(array $tools, public Day $day, public Known $known = new Known, public array $stops = [])
    {
        $this->tools = array_column(array_map(fn (RackTool $t): array => [$t->id, $t], $tools), 1, 0);
    }

    public function knowing(Known $known): self
    {
        return new self(array_values($this->tools), $this->day, $known, $this->stops);
    }

    /** @param  list<StopOrder>  $stops */
    public function stopping(array $stops): self
    {
        return new self(array_values($this->tools), $this->day, $this->known, $stops);
    }

    /** The same tools on another day: what is in calibration today may not be then. */
    public function on(Day $day): self
    {
        return new self(array_values($this->tools), $day, $this->known, $this->stops);
    }

    public function tool(?string $id): ?RackTool
    {
        return $this->tools[$id ?? ''] ?? null;
    }

    /**
     * @param  list<ToolKind>  $kinds
     * @return list<RackTool>
     */
    public function ofKinds(array $kinds): array
    {
        return array_values(array_filter($this->tools, fn (RackTool $t): bool => in_array($t->tool->kind, $kinds, true)));
    }

    /**
     * @param  array<mixed>  $object
     *
     * @throws UnreadableBody when it is not what toBody() writes
     */
    public static function fromBody(array $object): self
    {
        $body = new Body($object);

        return new self(array_map(RackTool::fromBody(...), $body->objects('tools')), Day::of($body->text('day')), Known::fromBody($body->object('known')), array_map(StopOrder::fromBody(...), $body->objects('stops')));
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return ['day' => $this->day->date, 'tools' => array_map(fn (RackTool $t): array => $t->toBody(), array_values($this->tools)), 'known' => $this->known->toBody(), 'stops' => array_map(fn (StopOrder $s): array => $s->toBody(), $this->stops)];
    }
}
