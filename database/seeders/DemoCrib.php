<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Crib\Actions\KeepLot;
use App\Crib\Actions\KeepStandard;
use App\Crib\Actions\MoveTool;
use App\Crib\Actions\RecordCalibration;
use App\Crib\Actions\RegisterTools;
use App\Crib\CalibrationInput;
use App\Crib\ChainReason;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\RuleBook;
use App\Crib\Queries\ToolTable;
use App\People\Models\Person;
use Closure;
use LogicException;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\ToolRecord;
use Tekkal\Core\Unit\Written;

/** The invented tools of Fenmoor Engine Works, with two years of their calibrations: the same every time. */
final class DemoCrib
{
    private const LABORATORY = ['kind' => 'own', 'name' => 'Fenmoor crib'];

    private const OUTSIDE = ['kind' => 'outside', 'name' => 'Sallow Measurement', 'accreditation' => 'SM 0417', 'scope' => 'torque to 1,000 N·m'];

    private Randomizer $random;

    /**
     * @param  Closure(int): Day  $day  so many days from today
     * @param  Closure(int, Closure(): mixed, int): mixed  $at  does something as if it were that day
     */
    public function __construct(private readonly Person $keeper, private readonly Closure $day, private readonly Closure $at)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(hash('sha256', 'fenmoor crib', true)));
    }

    public function seed(bool $small): void
    {
        ($this->at)(-296, fn () => $this->standards(), 0);
        foreach ($small ? DemoTools::few() : DemoTools::all() as $tool) {
            $this->tool(...$tool);
        }
        $small || ($this->at)(-40, fn () => $this->lots(), 0);
    }

    /** What is with whom, away or chained this morning. */
    public function hands(DemoPeople $people): void
    {
        $move = app(MoveTool::class);
        foreach (['TW-02' => '1042', 'TW-12' => '1044', 'TW-14' => '1041', 'AG-04' => '1043', 'DG-03' => '1041', 'MM-02' => '1043', 'AD-02' => '1044', 'PD-02' => '1041'] as $code => $badge) {
            ($this->at)(-1, fn () => $move->lend(self::id($code), $people->get((string) $badge), null, $this->keeper), 1);
        }
        foreach (['TW-18' => self::OUTSIDE['name'], 'TW-21' => self::OUTSIDE['name'], 'DG-07' => 'the maker, to be mended'] as $code => $where) {
            ($this->at)(-6, fn () => $move->send(self::id($code), $where, $this->keeper), 2);
        }
        ($this->at)(-1, fn () => $move->chain(self::id('TW-17'), ChainReason::Dropped, $this->keeper), 6);
        ($this->at)(-12, fn () => $move->lend(self::id('TW-16'), $people->get('1042'), null, $this->keeper), 0);
        ($this->at)(-11, fn () => $move->takeBack(self::id('TW-16'), 'much', $this->keeper), 0);
        ($this->at)(-2, fn () => $move->check(self::id('TW-04'), '40', '40.4', $this->keeper), 0);
        $this->failed();
    }

    private static function id(string $code): string
    {
        return ToolRow::get($code)->id;
    }

    private function standards(): void
    {
        $kept = fn (string $code, string $name, string $measures, string $uncertainty, string $certificate, int $from, int $until) => app(KeepStandard::class)([
            'code' => $code, 'name' => $name, 'measures' => $measures, 'uncertainty' => $uncertainty, 'certificate' => $certificate, 'laboratory' => self::OUTSIDE['name'], 'valid_from' => ($this->day)($from)->date, 'valid_until' => ($this->day)($until)->date,
        ], $this->keeper);
        $kept('RS-1', 'Torque transducer, 2 to 400 N·m', 'torque', '0.4 %', 'SM-T-2210', -700, 75);
        $kept('RS-2', 'Torque transducer, 1 to 20 N·m', 'torque', '0.6 %', 'SM-T-1987', -700, -12);
        $kept('AS-1', 'Angle encoder', 'angle', '0.1 deg', 'SM-A-0312', -700, 120);
        $kept('GB-1', 'Gauge blocks, grade 1', 'length', '0.0002 mm', 'SM-L-0871', -700, 150);
    }

    /**
     * @param  array<string, string>  $fields
     * @param  list<int>  $days  on which it was calibrated, from today
     * @param  array{float, float}  $drift  deviation at the beginning and what it gains in a year: % or steps of the scale
     * @param  int|null  $until  days from today, of what a certificate of an outside laboratory says at the earliest
     */
    private function tool(array $fields, array $days, array $drift = [0.3, 0.6], ?int $until = null): void
    {
        $record = ToolRecord::read(ToolTable::filled($fields));
        [$id] = ($this->at)(-295, fn (): array => app(RegisterTools::class)([$record], $this->keeper), 0);
        $since = 0.0;
        foreach ($days as $i => $day) {
            $off = $drift[0] + $drift[1] * ($day - $days[0]) / 365 - $since;
            // Beyond three quarters of what is permissible it is set right.
            $adjusts = $record->form->deviatesByShare() && abs($off) > 3.0;
            $found = $this->points($record, $off);
            $left = $adjusts ? $this->points($record, 0.2) : [];
            $since = $adjusts ? $drift[0] + $drift[1] * ($day - $days[0]) / 365 - 0.2 : $since;
            $input = $this->input($record, $day, 100 + $i, $found, $left, $i === count($days) - 1 ? $until : null);
            ($this->at)(max($day, -294), fn (): string => app(RecordCalibration::class)($id, $input, $this->keeper), 1);
        }
    }

    /**
     * @param  list<array{nominal: string, readings: list<string>}>  $found
     * @param  list<array{nominal: string, readings: list<string>}>  $left
     */
    private function input(ToolRecord $record, int $day, int $number, array $found, array $left, ?int $until): CalibrationInput
    {
        $standard = ReferenceStandard::query()->where('measures', $record->form->measures()->value)->orderBy('code')->firstOrFail();

        return new CalibrationInput(
            ($this->day)($day)->date,
            ['direction' => 'clockwise', 'as_found' => $found, 'adjustment' => $left === [] ? 'none' : 'adjusted', 'as_left' => $left, 'preloads' => 3, 'temperature' => sprintf('%.1f', 20 + $this->random->getInt(0, 24) / 10), 'humidity' => (string) $this->random->getInt(40, 52)],
            sprintf('%s-%s-%d', $until === null ? 'FC' : 'SM', str_replace('-', '', $record->code), $number), $until === null ? self::LABORATORY : self::OUTSIDE, $standard->id, null, $until === null ? null : ($this->day)($until)->date,
        );
    }

    /**
     * @param  float  $off  in %, most at the lowest point, or in steps of the scale
     * @return list<array{nominal: string, readings: list<string>}>
     */
    private function points(ToolRecord $record, float $off): array
    {
        $rules = RuleBook::of($record->form) ?? throw new LogicException($record->code);
        $readings = [];
        foreach ($rules->pointsIn($record->range, $record->resolution) as $i => $point) {
            $share = $off * (1 - 0.25 * $i);
            $readings[] = ['nominal' => $point->digits, 'readings' => array_map(fn (): string => $this->reading($record, $point, $share), range(1, $rules->readings))];
        }

        return $readings;
    }

    private function reading(ToolRecord $record, Written $point, float $off): string
    {
        $at = (float) $point->decimal();
        $step = (float) $record->resolution->decimal();
        $noise = ($this->random->getInt(-1000, 1000) + $this->random->getInt(-1000, 1000)) * 0.00015;
        // A torque tool is held against a standard, which reads finer; an instrument is read itself.
        if ($record->form->deviatesByShare()) {
            return sprintf($at < 50 ? '%.2f' : '%.1f', $at / (1 + ($off + $noise) / 100));
        }
        $decimals = strlen(substr((string) strrchr($record->resolution->decimal(), '.'), 1));

        return sprintf("%.{$decimals}f", max(0.0, round(($at + ($off + $noise) * $step) / $step) * $step));
    }

    /** The dial wrench that gives too little at the lower end: its zero has moved. */
    private function failed(): void
    {
        $record = ToolRecord::read(ToolTable::filled(DemoTools::failing()));
        $points = [['15', ['13.90', '13.86', '13.90', '13.86', '13.88']], ['45', ['44.30', '44.34', '44.26', '44.32', '44.28']], ['75', ['74.3', '74.4', '74.3', '74.4', '74.3']]];
        $input = $this->input($record, -1, 104, array_values(array_map(fn (array $p): array => ['nominal' => $p[0], 'readings' => $p[1]], $points)), [], null);
        ($this->at)(-1, fn (): string => app(RecordCalibration::class)(self::id($record->code), $input, $this->keeper), 5);
    }

    private function lots(): void
    {
        $keep = app(KeepLot::class);
        foreach ([
            ['H7731', 'fastener', 'M12 × 1.5 main cap bolts, 10.9', 'FB-2201', '184', 'pieces', null, 'Rack 1'], ['H7820', 'fastener', 'M10 × 1.25 head bolts, 10.9, two lengths', 'FB-2214', '96', 'pieces', null, 'Rack 1'],
            ['K0412', 'fastener', 'Torque-to-yield head bolts', 'FB-2230', '40', 'pieces', null, 'Rack 2'], ['L-118', 'locker', 'Thread locker, medium', 'LK-55', '7', 'bottles', 160, 'Cold store'],
            ['L-103', 'locker', 'Thread locker, high strength', 'LK-49', '2', 'bottles', 5, 'Cold store'], ['G-77', 'gasket', 'Head gaskets TN3', 'GK-301', '22', 'pieces', 900, 'Rack 3'], ['S-20', 'sealant', 'Anaerobic sealant', 'SE-12', '4', 'tubes', 45, 'Cold store'],
        ] as [$number, $kind, $name, $certificate, $quantity, $unit, $expires, $place]) {
            $keep->receive(array_filter(['number' => $number, 'kind' => $kind, 'name' => $name, 'certificate' => $certificate, 'quantity' => $quantity, 'unit' => $unit, 'place' => $place, 'expires_on' => $expires === null ? null : ($this->day)($expires)->date], is_string(...)), $this->keeper);
        }
    }
}
