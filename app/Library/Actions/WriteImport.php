<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\ImportPlan;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\People\Models\Person;
use App\Shared\Ids;
use Closure;

/** Writes what was looked at into the library: all of it or nothing. Procedures come in as drafts; nobody signs by importing. */
final readonly class WriteImport
{
    public function __construct(
        private Recorder $recorder,
        private AddFamily $addFamily,
        private AddProcedure $addProcedure,
        private KeepSource $keepSource,
        private SetStandard $setStandard,
        private SaveDraft $drafts,
    ) {
    }

    /**
     * @param  Closure(int): void  $progress  told how many procedures are done
     * @return int how many procedures were written
     */
    public function __invoke(ImportPlan $plan, ?string $only, string $fileHash, Person $by, Closure $progress): int
    {
        return $this->recorder->transaction(function () use ($plan, $only, $fileHash, $by, $progress): int {
            $this->register($plan, $by);
            $written = 0;
            foreach ($plan->rows($only) as $i => $row) {
                if (in_array($row['what'], ['new', 'changed'], true)) {
                    $this->procedure($plan->library->procedures[$i], $row['procedure'], $by);
                    $written++;
                }
                $progress($i + 1);
            }
            $this->recorder->append(new Draft(Ids::next(), 'library_imported', 'import/'.$fileHash, $by->id, data: ['digest' => $fileHash, 'written' => $written, 'of' => count($plan->library->procedures)]));

            return $written;
        });
    }

    private function register(ImportPlan $plan, Person $by): void
    {
        foreach ($plan->library->families as $f) {
            ($this->addFamily)($f['code'], $f['name'], $f['description'], $f['joints'], $f['variants'], $by);
        }
        // A successor must be there before the one that it supersedes.
        $sources = array_map(self::source(...), $plan->library->sources);
        foreach ([array_map(fn (array $s): array => [...$s, 'superseded_by' => null], array_filter($sources, fn (array $s): bool => ! Source::query()->where('code', $s['code'])->exists())), array_filter($sources, fn (array $s): bool => $s['superseded_by'] !== null)] as $round) {
            foreach ($round as $source) {
                ($this->keepSource)($source, $by);
            }
        }
        foreach ($plan->library->standards as $standard) {
            if (! Standard::query()->where('code', $standard['code'])->exists()) {
                $this->setStandard->ask(['code' => $standard['code'], 'quantity' => $standard['quantity'], 'tool' => $standard['tool'], 'risk_class' => $standard['risk_class'], 'tolerance' => $standard['tolerance'], 'source' => $standard['source']], $by);
            }
        }
    }

    /**
     * @param  array<string, string>  $s  as the file has it, every field a text
     * @return array{code: string, kind: string, title: string, edition: string, date: string, kept: string, superseded_by: string|null}
     */
    private static function source(array $s): array
    {
        return [
            'code' => $s['code'], 'kind' => $s['kind'], 'title' => $s['title'], 'edition' => $s['edition'], 'date' => $s['date'],
            'kept' => $s['kept'], 'superseded_by' => $s['superseded_by'] === '' ? null : $s['superseded_by'],
        ];
    }

    /** @param  array<mixed>  $document */
    private function procedure(array $document, ?string $here, Person $by): void
    {
        $procedure = $here === null ? $this->added($document, $by) : Procedure::query()->findOrFail($here);
        $this->drafts->begin($procedure, $by, $document);
    }

    /** @param  array<mixed>  $document */
    private function added(array $document, Person $by): Procedure
    {
        $family = Family::query()->where('name', $document['family'])->firstOrFail();
        $joint = Joint::query()->where('family', $family->id)->where('name', $document['joint'])->first();
        if ($joint === null) {
            ($this->addFamily)($family->code, $family->name, $family->description, [$document['joint']], [], $by);
            $joint = Joint::query()->where('family', $family->id)->where('name', $document['joint'])->firstOrFail();
        }

        return ($this->addProcedure)($joint, $document['option'], $by);
    }
}
