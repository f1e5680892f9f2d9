<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Source;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\WaitCycles;

/** Puts a source on record, says what superseded it, and keeps its paper. */
final readonly class KeepSource
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{code: string, kind: string, title: string, edition: string, date: string, kept: string, superseded_by: string|null}  $fields */
    public function __invoke(array $fields, Person $by): Source
    {
        return $this->recorder->transaction(function () use ($fields, $by): Source {
            $this->recorder->lock('register/sources');
            $source = Source::query()->where('code', $fields['code'])->first();
            $this->noCircle($fields['code'], $fields['superseded_by']);
            if ($source !== null && $source->only(array_keys($fields)) === $fields) {
                return $source;
            }
            $id = $source->id ?? Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'source_kept', 'source/'.$id, $by->id, data: array_map(strval(...), $fields)));

            return Source::query()->findOrFail($id);
        });
    }

    public function paper(Source $source, PaperFile $file, Person $by): void
    {
        Papers::keepSource($file->bytes);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'source_paper_kept', 'source/'.$source->id, $by->id, data: $file->toData())));
    }

    private function noCircle(string $code, ?string $successor): void
    {
        $by = DB::table('sources')->whereNotNull('superseded_by')->pluck('superseded_by', 'code')->map(fn (string $s): array => [$s])->all();
        $by[$code] = $successor === null ? [] : [$successor];
        if ($successor !== null && $successor !== $code && ! Source::query()->where('code', $successor)->exists()) {
            throw Refused::field('superseded_by', sprintf('There is no source "%s". Put that on record first.', $successor), $successor);
        }
        foreach (WaitCycles::in($by) as $cycle) {
            throw Refused::field('superseded_by', sprintf('These would supersede each other in a circle: %s.', implode(' → ', $cycle)), $successor);
        }
    }
}
