<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CaseCause;
use App\Crib\ChainReason;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\HandOut;
use App\Crib\Queries\OpenRuns;
use App\Crib\Queries\RuleBook;
use App\Crib\Queries\ToolBook;
use App\Crib\ToolState;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Tekkal\Core\Tool\PassFinding;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Unit\Written;

/** A tool goes from hand to hand, away and back, out of use and off the board. Each is one entry in its stream. */
final readonly class MoveTool
{
    public const RETIRED = ['worn', 'broken', 'lost', 'sold'];

    /** Nobody will ever read it as it was. */
    private const UNREADABLE = ['broken', 'lost'];

    public const ELSEWHERE = ['none', 'some', 'much'];

    public function __construct(private Recorder $recorder, private OpenCase $open)
    {
    }

    /** @param  string|null  $build  that it is taken for */
    public function lend(string $id, Person $to, ?string $build, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool) use ($to, $build): array {
            if (! $to->may(Ability::WorkAtBench) && ! $to->may(Ability::KeepTools)) {
                throw Refused::field('to', sprintf('%s does not work with tools.', $to->displayName()), $to->badge);
            }
            if ($tool->state === ToolState::Out) {
                throw self::not($tool, sprintf('%s is with %s. It comes back first.', $tool->code, Person::query()->find($tool->held_by)?->displayName() ?? 'somebody'));
            }
            $why = HandOut::whyNot($tool);
            if ($why !== null) {
                throw self::not($tool, $why.' It is not handed out.');
            }

            return ['tool_lent', ['to' => $to->id] + ($build === null ? [] : ['build' => $build])];
        });
    }

    /** @param  string  $elsewhere  one of ELSEWHERE: how much it was used where nobody counts */
    public function takeBack(string $id, string $elsewhere, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool) use ($elsewhere): array {
            self::mustBe($tool, [ToolState::Out], 'is with nobody');
            $counted = RuleBook::of(ToolBook::record($tool)->form)->elsewhere ?? ['some' => 0, 'much' => 0];

            return ['tool_returned', ['from' => (string) $tool->held_by, 'elsewhere' => $elsewhere, 'estimate' => $counted[$elsewhere] ?? 0]];
        });
    }

    public function send(string $id, string $laboratory, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool) use ($laboratory): array {
            self::mustBe($tool, [ToolState::Here, ToolState::Chained], 'is not here');

            return ['tool_sent', ['laboratory' => $laboratory]];
        });
    }

    public function cameBack(string $id, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool): array {
            self::mustBe($tool, [ToolState::Away], 'is not away');

            return ['tool_came_back', []];
        });
    }

    public function chain(string $id, ChainReason $reason, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool) use ($reason): array {
            self::mustBe($tool, [ToolState::Here, ToolState::Out], 'is out of use already, or away');

            return ['tool_chained', ['reason' => $reason->value]];
        });
    }

    public function retire(string $id, string $reason, Person $by): void
    {
        $this->move($id, $by, function (ToolRow $tool) use ($reason): array {
            self::mustBe($tool, [ToolState::Here, ToolState::Out, ToolState::Away, ToolState::Chained], 'was retired already');
            $runs = OpenRuns::with($tool->id);
            if ($runs !== []) {
                throw self::not($tool, sprintf('%s is in use in an open run, at %s. Finish it there, or take another tool, before this one is retired.', $tool->code, $runs[0]));
            }

            return ['tool_retired', ['reason' => $reason]];
        }, fn (ToolRow $tool) => in_array($reason, self::UNREADABLE, true) && self::isRead($tool) ? ($this->open)($tool, CaseCause::Lost, null, null, $by) : null);
    }

    /** Were readings taken with it, and did it matter how it reads? */
    private static function isRead(ToolRow $tool): bool
    {
        $form = ToolForm::from($tool->form);

        return $form->serves() !== null && $form->isCalibrated();
    }

    /** The check before a shift: one pull against a checker. One that fails puts the chain on, and what the tool did is looked at. */
    public function check(string $id, string $nominal, string $reading, Person $by): bool
    {
        $checked = $this->move($id, $by, function (ToolRow $tool) use ($nominal, $reading): array {
            self::mustBe($tool, [ToolState::Here, ToolState::Out], 'is out of use, or away');
            $terms = RecordCalibration::terms($tool, RecordCalibration::rules($tool), null);
            $unit = $terms->resolution->unit->code();
            $point = new PointReadings(Written::fromCode($nominal, $unit), [Written::fromCode($reading, $unit)]);
            $finding = new PassFinding([$point], $terms);

            return ['tool_checked', ['nominal' => $point->nominal->code(), 'reading' => $point->readings[0]->code(), 'permissible' => $terms->permissible->code(), 'deviation' => sprintf('%.6f', $finding->worst()), 'good' => $finding->isGood()]];
        }, fn (ToolRow $tool, array $data) => $data['good'] === true ? null : ($this->open)($tool, CaseCause::FailedCheck, null, (float) $data['deviation'], $by));

        return $checked['good'] === true;
    }

    /** The lead decides how long it may go; until when it is good now stays as its last calibration says. */
    public function setInterval(string $id, int $months, Person $by): void
    {
        $this->move($id, $by, fn (): array => ['tool_interval_set', ['months' => $months]]);
    }

    /**
     * @param  Closure(ToolRow): array{string, array<string, mixed>}  $entry  its type and what it holds
     * @param  Closure(ToolRow, array<string, mixed>): mixed|null  $then  what follows from it, in the same transaction
     * @return array<string, mixed> what the entry holds
     */
    private function move(string $id, Person $by, Closure $entry, ?Closure $then = null): array
    {
        return $this->recorder->transaction(function () use ($id, $by, $entry, $then): array {
            $this->recorder->lock(ToolRow::stream($id));
            $tool = ToolRow::query()->with('calibrations')->lockForUpdate()->findOrFail($id);
            if ($tool->state === ToolState::Retired) {
                throw self::not($tool, "$tool->code was retired.");
            }
            [$type, $data] = $entry($tool);
            $this->recorder->append(new Draft(Ids::next(), $type, ToolRow::stream($id), $by->id, $data));
            $then === null ? null : $then($tool, $data);

            return $data;
        });
    }

    /** @param  list<ToolState>  $states */
    private static function mustBe(ToolRow $tool, array $states, string $otherwise): void
    {
        if (! in_array($tool->state, $states, true)) {
            throw self::not($tool, "$tool->code $otherwise.");
        }
    }

    private static function not(ToolRow $tool, string $sentence): Refused
    {
        return new Refused(ProblemType::NotDone, $sentence, 409, ['field' => 'tool', 'value' => $tool->code]);
    }
}
