<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Run\WatchedQuantity;
use Tekkal\Core\Unit\Written;

/** The call of a check: yes or no, two gauges, a value, what is stamped there. */
final readonly class CheckCalls
{
    public function __construct(private RunFold $run, private Rack $rack)
    {
    }

    public function call(CheckStep $step): Call
    {
        $check = $this->run->plan->checks[$step->check];

        return match ($check->kind) {
            CheckKind::Confirm => $this->of($step, $check, [], [Answer::event('Enter', 'Yes', self::answered($step, ['go' => true])), Answer::event('*', 'No', self::answered($step, ['go' => false]), good: false)]),
            CheckKind::Feel => $this->of($step, $check, [], [
                Answer::event('Enter', 'As before', self::answered($step, ['feel' => 'as before'])), Answer::event('*', 'Tighter', self::answered($step, ['feel' => 'tighter']), good: false),
                Answer::event('0', 'A tight spot', self::answered($step, ['feel' => 'tight spot']), good: false),
            ]),
            CheckKind::GoNoGo => $this->gauges($step, $check),
            CheckKind::Identity => $this->of($step, $check, [Field::text('reads', 'What is stamped there')], [Answer::event('Enter', 'It reads', ['type' => 'identity_read', 'step' => $step->id], ['reads'])]),
            CheckKind::Measure, CheckKind::Compare, CheckKind::Interval => $this->measured($step, $check),
        };
    }

    private function gauges(CheckStep $step, Check $check): Call
    {
        [$go, $noGo] = [$check->window?->low?->typeset(), $check->window?->high?->typeset()];

        return $this->of($step, $check, [], [
            Answer::event('Enter', "$go enters, $noGo does not", self::answered($step, ['go' => true, 'no_go' => false])),
            Answer::event('*', "$go does not enter", self::answered($step, ['go' => false, 'no_go' => false]), good: false),
            Answer::event('0', "$noGo enters", self::answered($step, ['go' => true, 'no_go' => true]), good: false),
        ]);
    }

    private function measured(CheckStep $step, Check $check): Call
    {
        assert($check->window !== null);
        $tool = $this->rack->tool($this->run->state->tool(ToolUse::from($check->window->kind()->value))?->tool);
        assert($tool !== null);
        $compared = $check->kind === CheckKind::Compare;
        $before = $check->compareWith === null ? null : $this->run->steps->valueOfCheck($check->compareWith, $step);
        $scale = Scale::of($tool, null, $compared ? self::about($before, $check->window) : ($check->answer->shop ?? $check->window));
        $fields = match ($check->kind) {
            CheckKind::Interval => [Field::value('value', 'Wider than', $scale), Field::watched(WatchedQuantity::OtherEnd, 'Narrower than', $scale, null)],
            default => [Field::value('value', $compared ? 'It is now' : 'It measures', $scale)],
        };
        $names = array_map(fn (Field $f): string => $f->name, $fields);

        return $this->of($step, $check, $fields, [Answer::event('Enter', 'Take', ['type' => 'reading_taken', 'step' => $step->id, 'tool' => $tool->id], $names)], $scale, array_filter([
            'before' => $before?->typeset(), 'tool' => $tool->words(),
        ], fn (?string $v): bool => $v !== null));
    }

    /** What it may be now: so much about what it was; null where nobody measured it before. */
    private static function about(?Written $before, Window $change): ?Window
    {
        if ($before === null || $change->high === null) {
            return null;
        }

        return new Window($before->minus($change->high, RoundingMode::DOWN), $before->plus($change->high, RoundingMode::DOWN));
    }

    /**
     * @param  list<Field>  $fields
     * @param  list<Answer>  $answers
     * @param  array<string, mixed>  $more
     */
    private function of(CheckStep $step, Check $check, array $fields, array $answers, ?Scale $scale = null, array $more = []): Call
    {
        $where = $step->position === 'joint' ? [] : [ucfirst($this->run->names->called($step->position)).'.'];

        return (new Call(
            CallKind::Check, $check->name,
            [...$where, 'It must be: '.$check->limits().'.', ...(is_string($more['before'] ?? null) ? ["It was {$more['before']}."] : []), ...($check->turnsShaft ? ['Turn the shaft by hand for it.'] : []), ...(is_string($more['tool'] ?? null) ? [$more['tool']] : [])],
            new At($step->id, isset($this->run->plan->positions[$step->position]) ? $step->position : null),
            $scale,
            $fields,
            $answers,
        ))->with(['check' => $check->kind->value] + $more);
    }

    /**
     * @param  array<string, bool|string>  $content
     * @return array<string, mixed>
     */
    private static function answered(CheckStep $step, array $content): array
    {
        return ['type' => 'check_answered', 'step' => $step->id] + $content;
    }
}
