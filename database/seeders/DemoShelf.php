<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Library\Actions\AddFamily;
use App\Library\Actions\GrantPermit;
use App\Library\Actions\KeepSource;
use App\Library\Actions\SetGeneralTable;
use App\Library\Actions\SetStandard;

/** What the invented shop's library stands on: families, papers, window standards, and departures that are permitted. */
final class DemoShelf
{
    private const FAMILIES = [
        ['TN3', 'Tarn TN3', '3-cylinder refrigeration-unit diesel', ['Main caps', 'Connecting rods', 'Cylinder head', 'Flywheel'], [['name' => 'before 2017', 'serials_to' => 'TN3-16-9999', 'years_to' => '2016', 'note' => 'flywheel bolts without locker']]],
        ['HG4', 'Hallam HG4', '4-cylinder gas generator engine', ['Bearing ladder', 'Connecting rods', 'Cylinder head', 'Cam ladder'], []],
        ['OS6', 'Osier OS6', '6-cylinder irrigation-pump diesel', ['Main caps', 'Connecting rods', 'Cylinder heads', 'Rocker shafts', 'Front gear'], [['name' => 'second-life rods', 'note' => 'rods drilled for cap screws']]],
        ['WV9', 'Wick WV9', '9-cylinder V-type workboat engine with one odd bank', ['Mains', 'Connecting rods', 'Cylinder head, left bank', 'Cylinder head, right bank', 'Water pump', 'Drive plate', 'Sump'], []],
    ];

    private const SOURCES = [
        ['S-001', 'engine_maker', 'Tarn TN3 workshop book', '4th edition', '2019-03', 'cabinet 1'], ['S-002', 'engine_maker', 'Hallam HG4 overhaul manual', 'issue 7', '2021-06', 'cabinet 1'],
        ['S-003', 'engine_maker', 'Osier OS6 service manual', '2nd edition', '2016-09', 'cabinet 1'], ['S-004', 'engine_maker', 'Wick WV9 engine manual', 'edition B', '2018-02', 'cabinet 2'],
        ['S-005', 'engine_maker', 'Wick service letter 114', 'issue 1', '2024-06', 'binder of letters'], ['S-011', 'gasket_maker', 'Fernhill gasket sheet TN3-H', 'sheet 5', '2023-04', 'binder of sheets'],
        ['S-012', 'hardware_maker', 'Larkrise stud kit sheet LK-10', 'rev 2', '2024-08', 'binder of sheets'], ['S-013', 'hardware_maker', 'Larkrise rod bolt sheet LR-716', 'rev 4', '2022-10', 'binder of sheets'],
        ['S-014', 'hardware_maker', 'Larkrise stud kit sheet LK-716', 'rev 1', '2023-05', 'binder of sheets'], ['S-015', 'hardware_maker', 'Larkrise cap screw sheet LR-38', 'rev 6', '2024-02', 'binder of sheets'],
        ['FG-01', 'shop_standard', 'Fenmoor general torques', 'issue 2', '2025-11', 'quality office'],
        ['FW-02', 'window_standard', 'Fenmoor window standard FW-02', 'issue 3', '2025-11', 'quality office'],
    ];

    private DemoPeople $people;

    public function __construct(
        private readonly AddFamily $addFamily,
        private readonly KeepSource $keepSource,
        private readonly SetStandard $setStandard,
        private readonly GrantPermit $grant,
    ) {
    }

    public function fill(DemoPeople $people): void
    {
        $this->people = $people;
        foreach (self::FAMILIES as $family) {
            ($this->addFamily)(...[...$family, $people->get('lead')]);
        }
        foreach (self::SOURCES as [$code, $kind, $title, $edition, $date, $kept]) {
            ($this->keepSource)(['code' => $code, 'kind' => $kind, 'title' => $title, 'edition' => $edition, 'date' => $date, 'kept' => $kept, 'superseded_by' => null], $this->people->get('lead'));
        }
        ($this->keepSource)(['code' => 'S-000', 'kind' => 'engine_maker', 'title' => 'Tarn TN3 workshop book', 'edition' => '3rd edition', 'date' => '2012-05', 'kept' => 'archive', 'superseded_by' => 'S-001'], $this->people->get('lead'));
        foreach ([['FW-02-T', 'torque', '5 %', true], ['FW-02-A', 'angle', '3°', true], ['FW-03-A', 'angle', '2°', false]] as [$code, $quantity, $tolerance, $approved]) {
            $id = $this->setStandard->ask(['code' => $code, 'quantity' => $quantity, 'tool' => '', 'risk_class' => $approved ? '' : 'A', 'tolerance' => $tolerance, 'source' => 'FW-02'], $this->people->get('lead'));
            if ($approved) {
                $this->setStandard->approve($id, $this->people->get('approver'), $this->people->get('approver')->displayName());
            }
        }
    }

    /** Torques for what no procedure is written for, signed; figures that a textbook calculation supports, invented like all else. */
    public function table(DemoPeople $people): string
    {
        $rows = ['M6; 8.8; cast iron; 8.5 N·m', 'M6; 8.8; aluminium; 7.5 N·m', 'M8; 8.8; cast iron; 21 N·m', 'M8; 8.8; aluminium; 18.5 N·m', 'M10; 8.8; cast iron; 41 N·m', 'M10; 10.9; cast iron; 58 N·m', 'M12; 8.8; cast iron; 72 N·m', '3/8-16; SAE 5; cast iron; 27 lbf·ft'];
        $id = app(SetGeneralTable::class)->ask(['code' => 'FG-01', 'source' => 'FG-01', 'condition' => 'engine oil', 'tolerance' => '10 %', 'rows' => implode("\n", $rows), 'although' => ''], $people->get('lead'));
        app(SetGeneralTable::class)->approve($id, $people->get('approver'), $people->get('approver')->displayName());

        return $id;
    }

    /** One permit in date for an engine that is on the stands, one that has ended. */
    public function permits(string $procedure, string $ended, string $until): void
    {
        foreach ([
            ['A stepped insert in the thread of bolt 8, cap 1, in place of the first thread', 'The first thread was stripped at teardown; an insert of the accepted kind holds more than the bolt', 'Skerry Dredging, letter 26-118 for two engines', 2, 'TN3-26-0409', now()->format('Y-m-d'), $until],
            ['Assembly lubricant under the heads in place of engine oil, while the oil can of bench 1 was away', 'Estimated clamp stays within the band of engine oil', '', 12, '', now()->format('Y-m-d'), $ended],
        ] as [$departure, $reason, $reference, $quantity, $serials, $from, $to]) {
            $id = $this->grant->ask($procedure, ['stage' => null, 'departure' => $departure, 'reason' => $reason, 'customer_reference' => $reference, 'quantity' => $quantity, 'serials' => $serials, 'valid_from' => $from, 'valid_until' => $to], $this->people->get('lead'));
            $this->grant->approve($id, $this->people->get('approver'), $this->people->get('approver')->displayName());
        }
    }
}
