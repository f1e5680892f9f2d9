<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\UnreadableBody;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** A tool of the crib with its calibrations, as a bench has to know it. */
final readonly class RackTool
{
    /** It was read in no direction in which it may be used. */
    private const NONE = 'none';

    public function __construct(public string $id, public string $name, public Tool $tool, public CalibrationHistory $history)
    {
    }

    /** Does it only say that a setting was reached? One whose class nobody has said is read like one that shows its torque. */
    public function clicks(): bool
    {
        return $this->tool->class?->indicates() === false;
    }

    /** "TW-04, recording wrench" */
    public function words(): string
    {
        return $this->tool->code.', '.lcfirst($this->name);
    }

    /** @throws UnreadableBody */
    public static function fromBody(Body $body): self
    {
        $class = $body->optionalText('class');
        $threshold = $body->optionalText('threshold');
        $notes = new ToolNotes(threshold: $threshold === null ? null : Written::coded($threshold), class: $class === null ? null : WrenchClass::tryFrom($class), outOfUse: $body->optionalText('out_of_use'));

        return new self(
            $body->key('id'), $body->text('name'),
            new Tool($body->text('code'), $body->word('kind', ToolKind::class), new ToolRange($body->quantity('lowest'), $body->quantity('highest')), $body->quantity('resolution'), self::directions($body->optionalText('directions')), $notes),
            new CalibrationHistory(array_map(fn (Body $c): Calibration => new Calibration($c->key('id'), Day::of($c->text('on')), Day::of($c->text('due')), $c->boolean('conforms')), $body->objects('calibrations'))),
        );
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'code' => $this->tool->code, 'kind' => $this->tool->kind->value,
            'lowest' => $this->tool->range->lowest->code(), 'highest' => $this->tool->range->highest->code(), 'resolution' => $this->tool->resolution->code(),
            'calibrations' => array_map(fn (Calibration $c): array => ['id' => $c->id, 'on' => $c->on->date, 'due' => $c->due->date, 'conforms' => $c->conforms], $this->history->all),
        ] + array_filter([
            'class' => $this->tool->class?->value, 'threshold' => $this->tool->threshold?->code(), 'out_of_use' => $this->tool->outOfUse,
            'directions' => match ($this->tool->directions) {
                [PointReadings::CLOCKWISE] => null,
                [] => self::NONE,
                default => implode(' ', $this->tool->directions),
            },
        ], fn (?string $v): bool => $v !== null);
    }

    /** @return list<string> */
    private static function directions(?string $said): array
    {
        return $said === null ? [PointReadings::CLOCKWISE] : array_values(array_diff(explode(' ', $said), [self::NONE]));
    }
}
