<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\GrantPermit;
use App\Library\Actions\KeepSource;
use App\Library\Actions\SaveDraft;
use App\Library\Actions\SetStandard;
use App\Library\Actions\SubmitRevision;
use App\Library\Actions\TurnDownRevision;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\StoredRevision;
use App\People\Actions\AcknowledgeNotice;
use App\People\Models\Notice;

/** The library of Fenmoor Engine Works: four families, and a procedure in every state. */
final class DemoLibrary
{
    private const FAMILIES = [
        ['TN3', 'Tarn TN3', '3-cylinder refrigeration-unit diesel', ['Main caps', 'Connecting rods', 'Cylinder head', 'Flywheel'], [['name' => 'before 2017', 'serials_to' => 'TN3-16-9999', 'years_to' => '2016', 'note' => 'flywheel bolts without locker']]],
        ['HG4', 'Hallam HG4', '4-cylinder gas generator engine', ['Bearing ladder', 'Connecting rods', 'Cylinder head', 'Cam ladder'], []],
        ['OS6', 'Osier OS6', '6-cylinder irrigation-pump diesel', ['Main caps', 'Connecting rods', 'Cylinder heads', 'Rocker shafts', 'Front gear'], [['name' => 'second-life rods', 'note' => 'rods drilled for cap screws']]],
        ['WV9', 'Wick WV9', '9-cylinder V-type workboat engine with one odd bank', ['Mains', 'Connecting rods', 'Cylinder head, left bank', 'Cylinder head, right bank', 'Water pump', 'Drive plate'], []],
    ];

    private const SOURCES = [
        ['S-001', 'engine_maker', 'Tarn TN3 workshop book', '4th edition', '2019-03', 'cabinet 1'], ['S-002', 'engine_maker', 'Hallam HG4 overhaul manual', 'issue 7', '2021-06', 'cabinet 1'],
        ['S-003', 'engine_maker', 'Osier OS6 service manual', '2nd edition', '2016-09', 'cabinet 1'], ['S-004', 'engine_maker', 'Wick WV9 engine manual', 'edition B', '2018-02', 'cabinet 2'],
        ['S-005', 'engine_maker', 'Wick service letter 114', 'issue 1', '2024-06', 'binder of letters'], ['S-011', 'gasket_maker', 'Fernhill gasket sheet TN3-H', 'sheet 5', '2023-04', 'binder of sheets'],
        ['S-012', 'hardware_maker', 'Larkrise stud kit sheet LK-10', 'rev 2', '2024-08', 'binder of sheets'], ['S-013', 'hardware_maker', 'Larkrise rod bolt sheet LR-716', 'rev 4', '2022-10', 'binder of sheets'],
        ['S-014', 'hardware_maker', 'Larkrise stud kit sheet LK-716', 'rev 1', '2023-05', 'binder of sheets'], ['S-015', 'hardware_maker', 'Larkrise cap screw sheet LR-38', 'rev 6', '2024-02', 'binder of sheets'],
        ['FW-02', 'window_standard', 'Fenmoor window standard FW-02', 'issue 3', '2025-11', 'quality office'],
    ];

    /** Files in the order in which they came into force, by joint; the letter of a file's second revision follows from that. */
    private const APPROVED = [
        'tn3-rods', 'tn3-head-a', 'tn3-head-b', 'tn3-flywheel', 'tn3-flywheel-old', 'hg4-bearing-ladder', 'hg4-rods', 'hg4-head', 'hg4-head-studs', 'hg4-cam-ladder',
        'os6-main-caps', 'os6-rods', 'os6-rods-cap-screws', 'os6-heads', 'os6-rocker-shafts', 'wv9-mains-a', 'wv9-mains-b', 'wv9-rods', 'wv9-head-left', 'wv9-water-pump', 'wv9-drive-plate',
    ];

    private DemoPeople $people;

    public function __construct(
        private readonly AddFamily $addFamily,
        private readonly AddProcedure $addProcedure,
        private readonly KeepSource $keepSource,
        private readonly SetStandard $setStandard,
        private readonly SaveDraft $drafts,
        private readonly SubmitRevision $submit,
        private readonly ApproveRevision $approve,
        private readonly TurnDownRevision $turnDown,
        private readonly GrantPermit $grant,
        private readonly AcknowledgeNotice $acknowledge,
    ) {
    }

    /** @return Joint the main caps of the TN3, which the demo's engines are built to */
    public function seed(DemoPeople $people): Joint
    {
        $this->people = $people;
        $lead = $people->get('lead');
        foreach (self::FAMILIES as $family) {
            ($this->addFamily)(...[...$family, $lead]);
        }
        $this->register();
        ($this->approve)($this->submitted(self::file('../tn3-main-caps')), $people->get('approver'));
        foreach (self::APPROVED as $name) {
            $stored[$name] = $this->submitted(self::file($name));
            ($this->approve)($stored[$name], $people->get('approver'));
        }
        $this->unfinished($stored['tn3-flywheel-old']);

        return Joint::query()->where('name', 'Main caps')->where('family', Family::query()->where('code', 'TN3')->value('id'))->firstOrFail();
    }

    /** One permit in date for an engine that is on the stands, one that has ended. */
    public function permits(string $ended, string $until): void
    {
        $mains = $this->procedure(self::file('../tn3-main-caps'));
        foreach ([
            ['A stepped insert in the thread of bolt 8, cap 1, in place of the first thread', 'The first thread was stripped at teardown; an insert of the accepted kind holds more than the bolt', 'Skerry Dredging, letter 26-118 for two engines', 2, 'TN3-26-0409', now()->format('Y-m-d'), $until],
            ['Assembly lubricant under the heads in place of engine oil, while the oil can of bench 1 was away', 'Estimated clamp stays within the band of engine oil', '', 12, '', now()->format('Y-m-d'), $ended],
        ] as [$departure, $reason, $reference, $quantity, $serials, $from, $to]) {
            $id = $this->grant->ask($mains->id, ['stage' => null, 'departure' => $departure, 'reason' => $reason, 'customer_reference' => $reference, 'quantity' => $quantity, 'serials' => $serials, 'valid_from' => $from, 'valid_until' => $to], $this->people->get('lead'));
            $this->grant->approve($id, $this->people->get('approver'), $this->people->get('approver')->displayName());
        }
    }

    private function register(): void
    {
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

    /** What is still being written, waits for a signature, was sent back or is out of use. */
    private function unfinished(StoredRevision $old): void
    {
        [$lead, $approver] = [$this->people->get('lead'), $this->people->get('approver')];
        foreach (['tn3-head-studs', 'os6-front-gear'] as $name) {
            $this->drafts->begin($this->procedure(self::file($name)), $lead, self::file($name));
        }
        $this->turnDown->withdraw($old, 'The bolts without locker are no longer to be had; engines before 2017 get the later ones.', $approver, $approver->displayName());
        foreach (Notice::query()->get() as $notice) {
            ($this->acknowledge)($notice->id, $lead);
        }
        $this->turnDown->back($this->submitted(self::file('wv9-rods-b')), 'Which page says 47°? The manual in cabinet 2 prints 45°.', $approver);
        $this->submitted(self::file('wv9-head-right'), 'wv9-head-left');
    }

    /** @param  array<string, mixed>  $document */
    private function submitted(array $document, ?string $sister = null): StoredRevision
    {
        return ($this->submit)($this->procedure($document, $sister === null ? null : $this->procedure(self::file($sister))->id), $document, $this->people->get('lead'));
    }

    /** @param  array<string, mixed>  $document */
    private function procedure(array $document, ?string $sister = null): Procedure
    {
        $family = Family::query()->where('name', $document['family'])->firstOrFail();
        $joint = Joint::query()->where('family', $family->id)->where('name', $document['joint'])->firstOrFail();

        return Procedure::query()->where('joint', $joint->id)->where('option', $document['option'])->first()
            ?? ($this->addProcedure)($joint, $document['option'], $this->people->get('lead'), $sister);
    }

    /** @return array<string, mixed> */
    private static function file(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/demo/library/$name.json"), true, flags: JSON_THROW_ON_ERROR);
    }
}
