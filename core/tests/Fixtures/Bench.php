<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use DateTimeImmutable;
use DateTimeZone;
use RuntimeException;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\Pace;
use Tekkal\Core\Call\Stops;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RedoCost;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** Carries out any example of the language in a test, with a clock that only goes when it is told. */
final class Bench
{
    public readonly RunFold $fold;

    /** @var list<array{Event, Outcome}> */
    public array $history = [];

    /** @var list<array<string, mixed>> the events as a file would have them */
    public array $lines = [];

    /** @var array<string, mixed> what was carried out */
    public readonly array $document;

    private int $seconds = 0;

    private int $given = 0;

    /**
     * @param  string|array<string, mixed>  $example  its name, or a document
     * @param  callable(array<string, mixed>): array<string, mixed>|null  $change  made to the example before it is read
     */
    public function __construct(string|array $example, ?callable $change = null)
    {
        $document = is_string($example) ? self::document($example) : $example;
        $this->document = $change === null ? $document : $change($document);
        $this->fold = new RunFold(Expander::expand(DocumentReader::read($this->document)));
        $this->does('run_begun');
    }

    /** @return array<string, mixed> */
    public static function document(string $example): array
    {
        $document = json_decode((string) file_get_contents(__DIR__."/../../../docs/formats/examples/$example.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($document) ? $document : throw new RuntimeException($example);
    }

    /** Another bench at which the same has happened, so that something can be tried there. */
    public function copy(): self
    {
        $copy = new self($this->document);
        foreach (array_slice($this->history, 1) as [$event, $outcome]) {
            $copy->fold->apply($event->stamp, $outcome);
            $copy->history[] = [$event, $outcome];
        }
        [$copy->seconds, $copy->given] = [$this->seconds, $this->given];

        return $copy;
    }

    public function decide(Event $event): Outcome
    {
        $outcome = $this->fold->decide($event);
        $this->history[] = [$event, $outcome];

        return $outcome;
    }

    /** @param  array<string, mixed>  $fields of the event; a value may stand as a person writes it; null leaves a key out, as the desk has no device */
    public function does(string $type, array $fields = [], string $person = 'ann'): Outcome
    {
        foreach ($fields as $key => $value) {
            $fields[$key] = in_array($key, ['value', 'angle', 'shows', 'length'], true) ? self::coded($value) : $value;
        }

        return $this->takes(array_filter(['type' => $type] + $fields + [
            'id' => $this->id(), 'person' => $person, 'device' => 'bench1', 'taken_at' => $this->now()->format('Y-m-d\TH:i:sp'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'c1',
        ], fn (mixed $v): bool => $v !== null));
    }

    /** @param  array<mixed>  $event  type and content as a bench sends them */
    public function told(array $event, string $person = 'ann'): Outcome
    {
        return $this->takes($event + ['id' => $this->id(), 'person' => $person, 'device' => 'bench1', 'taken_at' => $this->now()->format('Y-m-d\TH:i:sp'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'c1']);
    }

    /** Somebody else goes on with it, at another bench or this one. */
    public function takenOver(string $person, string $device): Outcome
    {
        return $this->does('run_taken_over', ['person' => $person, 'device' => $device]);
    }

    /** @param  list<string>  $watched */
    public function reads(string $step, string $value, array $watched = []): Outcome
    {
        return $this->does('reading_taken', ['step' => $step, 'value' => $value, 'tool' => $this->tool()] + ($watched === [] ? [] : ['watched' => array_map(self::watched(...), $watched)]));
    }

    public function answers(string $step, bool $go, ?bool $noGo = null): Outcome
    {
        return $this->does('check_answered', ['step' => $step, 'go' => $go] + ($noGo === null ? [] : ['no_go' => $noGo]));
    }

    /** With the wrench set to what the pass asks for, unless another setting is given. */
    public function moved(string $step, bool $moved, ?string $setting = null): Outcome
    {
        $setting ??= $this->fold->plan->step($step)->goal()?->target?->typeset();
        $tool = $this->tool();
        if ($setting !== null && $this->fold->state->settingOf($tool)?->code() !== self::coded($setting)) {
            $this->does('tool_set', ['tool' => $tool, 'shows' => $setting]);
        }

        return $this->does('movement_seen', ['step' => $step, 'moved' => $moved, 'tool' => $tool]);
    }

    /** The first of the rack that nobody has dropped. */
    public function tool(): string
    {
        for ($i = 1; $this->fold->tools->isOut("W$i"); $i++);

        return "W$i";
    }

    public function strokes(string $step, string $angle): Outcome
    {
        return $this->does('stroke_added', ['step' => $step, 'angle' => $angle, 'tool' => $this->tool()]);
    }

    /** Somebody at the desk holds everything that was copied against the card. */
    public function compares(string $person = 'dee'): Outcome
    {
        $readings = array_map(fn (string $step): ?string => $this->fold->state->live($step)?->id(), $this->fold->paper->uncompared());

        return $this->does('transcript_compared', ['readings' => array_values(array_unique(array_filter($readings))), 'device' => null, 'mono_ms' => null, 'clock' => null], $person);
    }

    public function attests(string $step): Outcome
    {
        return $this->does('step_attested', ['step' => $step]);
    }

    /** "15 lbf·ft" as the record writes it. */
    public static function coded(mixed $printed): string
    {
        $parsed = QuantityParser::parse(is_string($printed) ? $printed : '');

        return $parsed instanceof Understood ? $parsed->value->code() : throw new RuntimeException('No value.');
    }

    /** @return array{what: string, value: string} */
    public static function watched(string $printed): array
    {
        $code = self::coded($printed);

        return ['value' => $code, 'what' => match (Written::coded($code)->unit->kind()) {
            Kind::Torque => 'final_torque', Kind::Angle => 'angle', Kind::Length => 'stretch',
        }];
    }

    /** Every step of a stage so far to do, each in the middle of its window. */
    public function round(string ...$stages): self
    {
        foreach ($stages as $stage) {
            foreach ($this->fold->steps->stepsOf($stage) as $step) {
                if ($this->fold->steps->status($step) === StepStatus::ToDo) {
                    match (true) {
                        $step instanceof MeasuredStep && $step->target !== null => $this->reads($step->id, $step->target->typeset()),
                        $step instanceof CheckStep => $this->answers($step->id, true, false),
                        default => $this->attests($step->id),
                    };
                }
            }
        }

        return $this;
    }

    public function wait(int $seconds): self
    {
        $this->seconds += $seconds;

        return $this;
    }

    /** @phpstan-impure what has happened meanwhile changes it */
    public function state(): RunState
    {
        return $this->fold->freeze();
    }

    /** What putting a fault right at a step would cost. */
    public function redoCost(Fault $fault, string $step): RedoCost
    {
        $reach = $this->fold->reach;
        $at = $this->fold->plan->step($step);

        return $this->advice()->priceOf($reach->duties($reach->rule($fault, $at), $at));
    }

    public function advice(): Advice
    {
        return new Advice($this->fold);
    }

    /**
     * @return list<string> what may be done now, as "do at"
     *
     * @phpstan-impure what has happened meanwhile changes it
     */
    public function ways(): array
    {
        return array_map(fn ($w): string => trim("$w->do $w->at"), $this->advice()->nextActions());
    }

    /** @return list<string> the steps of a round, or at the end, that a second person has to look at */
    public function unlooked(mixed $at): array
    {
        return $at === 'joint' ? $this->fold->looks->unseen() : $this->fold->steps->unlooked(is_string($at) ? $at : '');
    }

    /** @return array<string, mixed>|null what a bench shows that holds the work */
    public function stop(): ?array
    {
        return (new Stops($this->fold, new Pace(new Known)))->toArray();
    }

    public function stamp(string $person = 'ann'): Stamp
    {
        return new Stamp($person, 'bench1', $this->now(), $this->seconds * 1000, 'c1', $this->id());
    }

    public function id(): string
    {
        $this->given++;

        return "e$this->given";
    }

    /** A reading whose clock is another one, so that no duration to it can be proved. */
    public function readsByAnotherClock(string $step, string $value): Outcome
    {
        return $this->takes(['type' => 'reading_taken', 'id' => $this->id(), 'step' => $step, 'value' => self::coded($value), 'tool' => 'W1', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => $this->now()->format('Y-m-d\TH:i:sp')]);
    }

    public function next(): ?string
    {
        return $this->fold->nextStep()?->id;
    }

    /** @return array<string, mixed> the time of this bench, as it sends it */
    public function clocks(): array
    {
        return ['taken_at' => $this->now()->format('Y-m-d\TH:i:sp'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'c1'];
    }

    /** @param  array<string, mixed>  $line */
    private function takes(array $line): Outcome
    {
        $this->lines[] = $line;

        return $this->decide(EventTypes::read($line));
    }

    private function now(): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-03-02 08:00', new DateTimeZone('UTC')))->modify("+$this->seconds seconds");
    }
}
