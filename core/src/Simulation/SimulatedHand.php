<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/**
 * Answers whatever a bench calls for, and does it well: it reads the call as the screen does, and knows nothing else of the
 * procedure. For the demo's runs and for trying every procedure out to its end.
 */
final readonly class SimulatedHand
{
    /** What is stamped on parts, where nothing says what it must be. */
    private const STAMP = 'K7';

    /** Of a free fastener, in the unit that is asked for. */
    private const FREE_LENGTH = ['mm' => '80.00', 'in' => '2.0000'];

    /**
     * @param  string  $lot  that everything comes from
     * @param  bool  $wholeRounds  does it pull a whole round and count, where that may be done?
     * @param  SimulatedWrench|null  $wrench  that spreads what it reads; null: it hits every number
     */
    public function __construct(private string $lot = 'L-104', private bool $wholeRounds = false, private ?SimulatedWrench $wrench = null)
    {
    }

    /**
     * @param  array<mixed>  $call  as BenchView tells it
     * @param  Manner  $manner  how it pulls what is read
     * @return array<mixed>  its answer with the event filled in
     */
    public function answer(array $call, Manner $manner = Manner::Good): array
    {
        if ($this->wholeRounds && is_array($call['round'] ?? null)) {
            $call = $call['round'];
        }
        $answers = self::list($call, 'answers');
        $answer = array_values(array_filter($answers, fn (array $a): bool => ($a['good'] ?? false) === true))[0] ?? $answers[0] ?? [];
        $event = is_array($answer['event'] ?? null) ? $answer['event'] : [];
        foreach (self::list($call, 'fields') as $field) {
            if (in_array($field['name'] ?? null, (array) ($answer['takes'] ?? []), true) && ($field['optional'] ?? false) !== true) {
                $event = $this->filled($event, $field, $call, $manner);
            }
        }

        return ['event' => $event] + $answer;
    }

    /**
     * @param  array<mixed>  $event
     * @param  array<mixed>  $field
     * @param  array<mixed>  $call
     * @return array<mixed>
     */
    private function filled(array $event, array $field, array $call, Manner $manner): array
    {
        $into = self::text($field, 'into');
        if ($into === 'watched') {
            $watched = is_array($event['watched'] ?? null) ? $event['watched'] : [];
            $event['watched'] = [...$watched, ['what' => self::text($field, 'what'), 'value' => $this->value($field, $call, $manner)] + (isset($field['tool']) ? ['tool' => self::text($field, 'tool')] : [])];

            return $event;
        }

        return [$into => match (self::text($field, 'kind')) {
            'count' => $call['expects'] ?? 0,
            'text' => $this->said($into, $call),
            default => $this->value($field, $call, $manner),
        }] + $event;
    }

    /** @param  array<mixed>  $call */
    private function said(string $into, array $call): string
    {
        $asked = implode(' ', array_filter((array) ($call['says'] ?? []), is_string(...)));

        return match ($into) {
            'reads' => preg_match('/“(.+?)”/u', $asked, $stamp) === 1 ? $stamp[1] : self::STAMP,
            'kind' => 'insert',
            default => $this->lot,
        };
    }

    /**
     * The number to reach, else a limit; what it was before, where only a change is asked about.
     *
     * @param  array<mixed>  $field
     * @param  array<mixed>  $call
     */
    private function value(array $field, array $call, Manner $manner): string
    {
        $scale = is_array($field['scale'] ?? null) ? $field['scale'] : [];
        $unit = is_array($scale['unit'] ?? null) ? self::text($scale['unit'], 'code') : '';
        [$low, $high] = [self::text($scale, 'low'), self::text($scale, 'high')];
        if ($this->wrench !== null && $low !== '' && $high !== '') {
            return $this->wrench->pull(new Window(Written::fromCode($low, $unit), Written::fromCode($high, $unit)), self::step($low, $unit), $manner)->code();
        }
        $before = $call['before'] ?? $call['stood'] ?? null;
        foreach (is_string($call['before'] ?? null) ? [] : ['digits', 'low', 'high'] as $key) {
            if (is_string($scale[$key] ?? null)) {
                return "$scale[$key] $unit";
            }
        }

        return is_string($before) ? preg_replace('/[^0-9.\/].*$/u', '', $before)." $unit" : (self::FREE_LENGTH[$unit] ?? '1')." $unit";
    }

    /** The step of the scale on which the digits stand. */
    private static function step(string $digits, string $unit): Written
    {
        $decimals = strlen(strrchr($digits, '.') ?: '.') - 1;

        return Written::fromCode($decimals === 0 ? '1' : '0.'.str_repeat('0', $decimals - 1).'1', $unit);
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function list(array $of, string $key): array
    {
        return array_values(array_filter((array) ($of[$key] ?? []), is_array(...)));
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
