<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\CalibrationInput;
use App\Crib\CaseCause;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\RuleBook;
use App\Crib\Queries\ToolBook;
use App\Crib\ToolState;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\CalibrationTerms;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\FittedAdapter;
use Tekkal\Core\Tool\FormRules;
use Tekkal\Core\Tool\StandardUncertainty;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\Written;

/** A calibration: as found, what was done, as left; judged by the rules in force, which are kept with it. */
final readonly class RecordCalibration
{
    /** Where the shop has set no interval. */
    private const NEVER_MONTHS = 600;

    public function __construct(private Recorder $recorder, private OpenCase $open, private CloseCase $close)
    {
    }

    /** @return string the id that it is known by */
    public function __invoke(string $id, CalibrationInput $input, Person $keeper): string
    {
        return $this->recorder->transaction(function () use ($id, $input, $keeper): string {
            $this->recorder->lock(ToolRow::stream($id));
            $tool = ToolRow::query()->with('calibrations')->findOrFail($id);
            $day = self::day($tool, $input->on);
            $rules = self::rules($tool);
            $standard = self::standard($input, $day);
            $sheet = self::sheet($tool, $input, $rules, $standard);
            // What an outside laboratory has read it has read.
            $sheet->enough(...$input->isOwn() ? [count($rules->pointsIn($sheet->terms->range, $sheet->terms->resolution)), $rules->readings, ToolBook::record($tool)->directions] : [1, 1]);
            $left = $sheet->asLeft();
            $data = ['calibrated_on' => $day->date, 'due_on' => self::due($day, $tool->months ?? $rules->months, $input->validUntil)->date, 'conforms' => $left !== null && $left->isGood(), 'certificate' => $input->certificate, 'found' => self::found($input, $sheet)->value, 'laboratory' => $input->laboratory, 'sheet' => $sheet->toData()];
            $entry = $this->recorder->append(new Draft(Ids::next(), 'tool_calibrated', ToolRow::stream($id), $keeper->id, $data + ($standard === null ? [] : ['standard' => $standard->id])));

            $this->looksBack($tool, $entry->id(), $day, $sheet, AsFound::from($data['found']), $keeper);

            return $entry->id();
        });
    }

    /** What a failing or an unreadable tool has done is looked at; what a check had put in doubt is answered by how it was found. */
    private function looksBack(ToolRow $tool, string $id, Day $day, CalibrationSheet $sheet, AsFound $found, Person $keeper): void
    {
        $this->close->answered($tool, $id, $keeper);
        // What was set right that day is judged by how it was found no longer, whenever that is typed in.
        $more = $sheet->left !== [] && $sheet->asLeft()?->isGood() === true ? ['right_on' => $day->date] : [];
        match ($found) {
            AsFound::Failed => ($this->open)($tool, CaseCause::FailedCalibration, $id, $sheet->asFound()?->worst(), $keeper, $more),
            AsFound::Unread => ($this->open)($tool, CaseCause::Unread, $id, null, $keeper, $more),
            AsFound::Good, AsFound::New => null,
        };
    }

    /** The calibration as it is typed, with the terms that hold today. */
    public static function sheet(ToolRow $tool, CalibrationInput $input, FormRules $rules, ?ReferenceStandard $standard): CalibrationSheet
    {
        $adapter = $input->typed['adapter'] ?? null;

        return CalibrationSheet::read($input->typed, self::terms($tool, $rules, $standard, is_string($adapter) ? self::adapter($tool, $adapter) : null));
    }

    public static function terms(ToolRow $tool, FormRules $rules, ?ReferenceStandard $standard, ?FittedAdapter $adapter = null): CalibrationTerms
    {
        $record = ToolBook::record($tool);
        $permissible = $record->permissible ?? throw Refused::field('permissible', "Of $tool->code nothing says how far it may deviate. Say so on its page first.", '');

        return new CalibrationTerms($record->range, $record->resolution, $permissible, $rules->rule, $rules->template, $standard === null ? null : StandardUncertainty::of($standard->uncertainty), $adapter);
    }

    /** What sat on the wrench, by the lengths that the crib knows of both. */
    private static function adapter(ToolRow $tool, string $code): FittedAdapter
    {
        $row = ToolRow::query()->where('code', $code)->where('form', ToolForm::Adapter->value)->first() ?? throw Refused::field('adapter', "There is no adapter $code.", $code);
        $length = ToolBook::record($tool)->length ?? throw Refused::field('adapter', "How far $tool->code is from its square to its marked grip nobody has said; with an adapter that counts. Say so on its page first.", $code);
        $of = ToolBook::record($row);
        $lever = $of->length ?? throw Refused::field('adapter', "How far $code reaches from the square to the fastener nobody has said. Say so on its page first.", $code);

        return new FittedAdapter($code, $lever, $of->angle ?? Written::of('0', AngleUnit::Degree), $length);
    }

    public static function rules(ToolRow $tool): FormRules
    {
        return RuleBook::of(ToolBook::record($tool)->form) ?? throw Refused::field('tool', "$tool->code is not calibrated: no reading is taken with it.", $tool->code);
    }

    /** The day, in its place among the others. */
    private static function day(ToolRow $tool, string $date): Day
    {
        $day = Day::of($date);
        $today = ToolBook::day(now()->toImmutable());
        if ($day->isAfter($today)) {
            throw Refused::field('calibrated_on', sprintf('%s lies ahead; today is %s.', $day->words(), $today->words()), $date);
        }
        if ($tool->state === ToolState::Retired) {
            throw Refused::field('tool', "$tool->code was retired; it is not calibrated any more.", $tool->code);
        }
        $last = $tool->calibrations->max(fn (CalibrationRow $c): string => $c->calibrated_on);
        if (is_string($last) && ! $day->isAfter(Day::of($last))) {
            throw Refused::field('calibrated_on', $last === $date
                ? sprintf('%s has a calibration of %s already. As found and as left belong to one.', $tool->code, $day->words())
                : sprintf('%s has a later one, of %s. A calibration is entered in the order in which they were made.', $tool->code, Day::of($last)->words()), $date);
        }

        return $day;
    }

    /** The end of the interval, or what the certificate says where that is less. */
    private static function due(Day $day, ?int $months, ?string $certified): Day
    {
        $due = $day->due($months ?? self::NEVER_MONTHS);
        if ($certified === null) {
            return $due;
        }
        if ($day->isAfter(Day::of($certified))) {
            throw Refused::field('valid_until', sprintf('A calibration of %s cannot be due again before it, on %s.', $day->words(), Day::of($certified)->words()), $certified);
        }

        return Day::of(min($due->date, $certified));
    }

    public static function standard(CalibrationInput $input, Day $day): ?ReferenceStandard
    {
        if ($input->standard === null) {
            return $input->isOwn() ? throw Refused::field('standard', 'Say against which reference standard it was calibrated.', '') : null;
        }
        $standard = ReferenceStandard::query()->find($input->standard) ?? throw Refused::field('standard', 'There is no such reference standard.', $input->standard);
        if ($day->isAfter(Day::of($standard->valid_until)) || Day::of($standard->valid_from)->isAfter($day)) {
            throw new Refused(ProblemType::BadValue, sprintf('%s is certified from %s to %s; on %s it proves nothing.', $standard->code, Day::of($standard->valid_from)->words(), Day::of($standard->valid_until)->words(), $day->words()), 422, ['field' => 'standard', 'value' => $standard->code, 'limit' => $standard->valid_until]);
        }
        if ($standard->doubted_since !== null) {
            throw Refused::field('standard', sprintf('%s was wrong since %s. Nothing is calibrated against it until it has a new certificate.', $standard->code, Day::of($standard->doubted_since)->words()), $standard->code);
        }

        return $standard;
    }

    private static function found(CalibrationInput $input, CalibrationSheet $sheet): AsFound
    {
        $found = $sheet->asFound();
        if ($found !== null) {
            return AsFound::conforming($found->isGood());
        }

        return match ($input->notFound) {
            'new' => AsFound::New,
            'unread' => AsFound::Unread,
            default => throw Refused::field('not_found', 'As found nothing was read. Say why: it was new, or it could not be read any more.', ''),
        };
    }
}
