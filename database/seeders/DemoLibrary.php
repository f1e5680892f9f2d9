<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SaveDraft;
use App\Library\Actions\SetResting;
use App\Library\Actions\SetSubassemblies;
use App\Library\Actions\SubmitRevision;
use App\Library\Actions\TurnDownRevision;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\StoredRevision;
use App\People\Actions\AcknowledgeNotice;
use App\People\Models\Notice;
use LogicException;

/** The library of Fenmoor Engine Works: four families, and a procedure in every state. */
final class DemoLibrary
{
    /** What is opened with what, when an engine comes back: by family and joint those that it rests on. */
    private const RESTS = [
        'TN3' => ['Connecting rods' => ['Main caps'], 'Cylinder head' => ['Connecting rods']],
        'HG4' => ['Connecting rods' => ['Bearing ladder'], 'Cylinder head' => ['Connecting rods'], 'Cam ladder' => ['Cylinder head']],
        'OS6' => ['Connecting rods' => ['Main caps'], 'Cylinder heads' => ['Connecting rods'], 'Rocker shafts' => ['Cylinder heads']],
        'WV9' => ['Connecting rods' => ['Mains'], 'Cylinder head, left bank' => ['Connecting rods'], 'Cylinder head, right bank' => ['Connecting rods']],
    ];

    /** What is carried in a subassembly that can be tightened by itself: by family, that one and joint. */
    private const CARRIED = [
        'TN3' => ['Short block' => ['Main caps', 'Connecting rods']],
        'HG4' => ['Short block' => ['Bearing ladder', 'Connecting rods'], 'Head' => ['Cam ladder']],
        'OS6' => ['Short block' => ['Main caps', 'Connecting rods']],
        'WV9' => ['Short block' => ['Mains', 'Connecting rods']],
    ];

    /** What holds one to the engine: by family. */
    private const HOLDS = ['HG4' => ['Cylinder head' => 'Head']];

    /** Files in the order in which they came into force, by joint; the letter of a file's second revision follows from that. */
    private const APPROVED = [
        'tn3-rods', 'tn3-head-a', 'tn3-head-b', 'tn3-flywheel', 'tn3-flywheel-old', 'hg4-bearing-ladder', 'hg4-rods', 'hg4-head', 'hg4-head-studs', 'hg4-cam-ladder',
        'os6-main-caps', 'os6-rods', 'os6-rods-cap-screws', 'os6-heads', 'os6-rocker-shafts', 'os6-front-gear-a', 'wv9-mains-a', 'wv9-mains-b', 'wv9-rods', 'wv9-head-left', 'wv9-water-pump', 'wv9-drive-plate',
    ];

    private DemoPeople $people;

    public function __construct(
        private readonly DemoShelf $shelf,
        private readonly AddProcedure $addProcedure,
        private readonly SaveDraft $drafts,
        private readonly SubmitRevision $submit,
        private readonly ApproveRevision $approve,
        private readonly TurnDownRevision $turnDown,
        private readonly AcknowledgeNotice $acknowledge,
    ) {
    }

    /** @return Joint the main caps of the TN3, which the demo's engines are built to */
    public function seed(DemoPeople $people, bool $small): Joint
    {
        $this->people = $people;
        $this->shelf->fill($people);
        ($this->approve)($this->submitted(self::file('../tn3-main-caps')), $people->get('approver'));
        $small || $this->others();

        return Joint::query()->where('name', 'Main caps')->where('family', Family::query()->where('code', 'TN3')->value('id'))->firstOrFail();
    }

    /** Every procedure but the main caps'. */
    private function others(): void
    {
        $stored = [];
        foreach (self::APPROVED as $name) {
            $stored[$name] = $this->submitted(self::file($name));
            ($this->approve)($stored[$name], $this->people->get('approver'));
        }
        $this->unfinished($stored['tn3-flywheel-old'] ?? throw new LogicException('The demo has no old flywheel.'));
        foreach (self::RESTS as $code => $on) {
            $family = Family::query()->where('code', $code)->firstOrFail();
            $ids = $family->joints()->pluck('id', 'name')->all();
            $of = array_map(fn (array $names): array => array_map(fn (string $name): string => (string) $ids[$name], $names), $on);
            app(SetResting::class)($family, array_combine(array_map(fn (string $name): string => (string) $ids[$name], array_keys($of)), $of), $this->people->get('lead'));
            $carried = $holds = [];
            foreach (self::CARRIED[$code] as $kind => $names) {
                $carried += array_fill_keys(array_map(fn (string $name): string => (string) $ids[$name], $names), $kind);
            }
            foreach (self::HOLDS[$code] ?? [] as $name => $kind) {
                $holds[(string) $ids[$name]] = $kind;
            }
            app(SetSubassemblies::class)($family, $carried, $holds, $this->people->get('lead'));
        }
    }

    /** One permit in date for an engine that is on the stands, one that has ended. */
    public function permits(string $ended, string $until): void
    {
        $this->shelf->permits($this->procedure(self::file('../tn3-main-caps'))->id, $ended, $until);
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
