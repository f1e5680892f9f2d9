<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\StandsAs;
use App\People\Shop;
use App\Record\BuildState;
use App\Record\Models\Subject;
use Carbon\CarbonImmutable;

/** How one engine stands: what it waits for, in a few words, and the joint that is in hand. */
final readonly class Standing
{
    /**
     * @param  array<string, mixed>|null  $joint  of its strip: the one in hand, or the next
     */
    private function __construct(public StandsAs $as, public string $says, public ?array $joint)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $strip
     * @param  Subject|null  $around  of a subassembly: the engine that it is in
     */
    public static function of(Subject $subject, array $strip, ?Subject $around = null): self
    {
        if ($around !== null && $subject->state === BuildState::Finished) {
            return new self(StandsAs::Fitted, 'in '.$around->title(), null);
        }

        return match ($subject->state) {
            BuildState::Received => new self(StandsAs::ComeIn, $subject->waits_for === '' ? 'in since '.self::day($subject->opened_at) : $subject->waits_for, self::next($strip)),
            BuildState::Open => self::open($subject, $strip),
            BuildState::Finished => new self(StandsAs::Done, ($subject->isSubassembly() ? 'ready since ' : 'finished ').self::day($subject->finished_at), null),
            BuildState::Shipped => new self(StandsAs::Shipped, 'shipped '.self::day($subject->shipped_at), null),
        };
    }

    /**
     * Is it due, and still here?
     *
     * @param  string  $today  YYYY-MM-DD, by the shop's calendar
     */
    public static function isLate(Subject $subject, string $today): bool
    {
        $due = self::due($subject);

        return $due !== null && $due < $today && $subject->state->isHere();
    }

    /** @return string|null YYYY-MM-DD, as it stands in the row: a list has hundreds of them */
    public static function due(Subject $subject): ?string
    {
        $due = $subject->getAttributes()['due_on'] ?? null;

        return is_string($due) ? substr($due, 0, 10) : null;
    }

    /** @param  array<string, mixed>  $joint */
    public static function isDone(array $joint): bool
    {
        return ($joint['run']['finished'] ?? false) === true || in_array($joint['outside']['kind'] ?? null, ['paper', 'permit', 'stayed'], true);
    }

    /** @param  list<array<string, mixed>>  $strip */
    private static function open(Subject $subject, array $strip): self
    {
        if ($subject->build_number > 1 && array_filter($strip, fn (array $j): bool => $j['returned'] === null && $j['within'] === null && $j['given'] === null && ! self::isDone($j)) !== []) {
            return new self(StandsAs::NeedsAHand, 'it is back: what was opened?', self::next($strip));
        }
        foreach ($strip as $joint) {
            if (self::is($joint, 'run.stopped')) {
                return new self(StandsAs::NeedsAHand, sprintf('%s, %s', self::stop($joint), self::who($joint, 'run.person')), $joint);
            }
        }
        foreach ($strip as $joint) {
            if ($joint['stop'] !== null && $joint['given'] !== null) {
                return new self(StandsAs::NeedsAHand, self::name($joint).': its revision is stopped', $joint);
            }
        }
        foreach ($strip as $joint) {
            if (self::is($joint, 'run.parked') && ! self::is($joint, 'run.finished')) {
                return new self(StandsAs::NeedsAHand, self::name($joint).' left by '.self::who($joint, 'run.person'), $joint);
            }
        }
        foreach ($strip as $joint) {
            if ($joint['run'] !== null && ! self::is($joint, 'run.finished')) {
                return new self(StandsAs::AtABench, sprintf('%s %d of %d, %s', self::name($joint), self::number($joint, 'run.done'), self::number($joint, 'run.all'), self::who($joint, 'run.person')), $joint);
            }
        }
        foreach ($strip as $joint) {
            if ($joint['given'] !== null && $joint['run'] === null) {
                return new self(StandsAs::OnAHook, self::name($joint).', '.self::who($joint, 'given.person'), $joint);
            }
        }

        return self::inNobodysHands($subject, self::next($strip));
    }

    /** @param  array<string, mixed>|null  $next */
    private static function inNobodysHands(Subject $subject, ?array $next): self
    {
        return match (true) {
            $subject->waits_for !== '' => new self(StandsAs::Waiting, $subject->waits_for, $next),
            $next === null => new self(StandsAs::Done, 'can be finished', null),
            $next['options'] === [] => new self(StandsAs::NeedsAHand, self::name($next).': no approved procedure', $next),
            $next['stop'] !== null => new self(StandsAs::NeedsAHand, self::name($next).': its revision is stopped', $next),
            $next['hardware'] === null => new self(StandsAs::NeedsAHand, self::name($next).': hardware not chosen', $next),
            $next['in_force'] === null => new self(StandsAs::NeedsAHand, self::name($next).': nothing approved for its hardware', $next),
            default => new self(StandsAs::FreeToGive, self::name($next).' free to give', $next),
        };
    }

    /**
     * @param  list<array<string, mixed>>  $strip
     * @return array<string, mixed>|null the first joint that is not done
     */
    private static function next(array $strip): ?array
    {
        foreach ($strip as $joint) {
            if (! self::isDone($joint)) {
                return $joint;
            }
        }

        return null;
    }

    private static function day(?CarbonImmutable $at): string
    {
        return $at === null ? '' : Shop::here()->clock($at)->format('j F');
    }

    /**
     * "stopped short": the rest of the advice stands on its own page.
     *
     * @param  array<string, mixed>  $joint
     */
    private static function stop(array $joint): string
    {
        return lcfirst(explode('.', (string) (data_get($joint, 'run.why') ?? 'stopped'), 2)[0]);
    }

    /** @param  array<string, mixed>  $joint */
    private static function name(array $joint): string
    {
        return lcfirst((string) data_get($joint, 'name'));
    }

    /** @param  array<string, mixed>  $joint */
    private static function who(array $joint, string $path): string
    {
        return (string) (data_get($joint, $path) ?? 'somebody');
    }

    /** @param  array<string, mixed>  $joint */
    private static function number(array $joint, string $path): int
    {
        return (int) data_get($joint, $path);
    }

    /** @param  array<string, mixed>  $joint */
    private static function is(array $joint, string $path): bool
    {
        return data_get($joint, $path) === true;
    }
}
