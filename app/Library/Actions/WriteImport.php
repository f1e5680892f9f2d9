<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Recorder;
use App\Library\ImportPlan;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\People\Models\Person;
use Closure;

/**
 * Writes what was looked at into the library, in short transactions. What stands there already is left as it is, so that one
 * that broke off is carried on by doing it again. Procedures come in as drafts; nobody signs by importing.
 */
final readonly class WriteImport
{
    /** Procedures in one transaction: half a second's work. */
    public const PART = 50;

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
     * @param  Closure(int, int): void  $part  asked first in each transaction: how many procedures will be done with it, and
     *                                        how many it writes
     * @param  int  $from  how many were done before it broke off
     */
    public function __invoke(ImportPlan $plan, ?string $only, Person $by, Closure $part, int $from = 0): void
    {
        $this->recorder->transaction(fn () => $this->register($plan, $by));
        foreach (array_chunk(array_slice($plan->rows($only), $from, preserve_keys: true), self::PART, true) as $rows) {
            $fresh = array_filter($rows, fn (array $row): bool => in_array($row['what'], ['new', 'changed'], true));
            $this->recorder->transaction(function () use ($plan, $by, $part, $rows, $fresh): void {
                $part((int) array_key_last($rows) + 1, count($fresh));
                foreach ($fresh as $i => $row) {
                    $this->procedure($plan->library->procedures[$i], $row['procedure'], $by);
                }
            });
        }
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
