<?php

declare(strict_types=1);

namespace Tests\Bench;

use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use App\Library\Queries\DraftAssessment;
use App\People\Models\Person;
use Database\Seeders\GeneratedRuns;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plausibility\Challenge;
use Tests\Factories\ManyEngines;

require_once __DIR__.'/stretched.php';

/** What boards and audit sheets are measured on: an engine of 500 results, one of 5,000, and hundreds at work. */
final class BoardsSeeder extends Seeder
{
    private const JOINTS = ['Fifty bolts' => 50, 'Five hundred bolts' => 500];

    private const ROUNDS = 10;

    public function run(AddFamily $families, AddProcedure $procedures, SubmitRevision $submit, ApproveRevision $approve, GeneratedRuns $runs): void
    {
        $lead = Person::query()->where('sign_in_name', 'lead')->firstOrFail();
        $approver = Person::query()->where('sign_in_name', 'approver')->firstOrFail();
        foreach (self::JOINTS as $name => $positions) {
            // A family of its own for each, so that a sheet has one joint.
            $code = 'BA'.$positions;
            $families($code, "Bench $code", '', [$name], [], $lead);
            $procedure = $procedures(Joint::query()->where('name', $name)->firstOrFail(), 'stock bolts', $lead);
            $document = ['family' => "Bench $code", 'joint' => $name, 'option' => 'stock bolts'] + stretched($positions, self::ROUNDS, verified: false);
            $approve($submit($procedure, $document, $lead, self::answers($document)), $approver);
            $runs->seed(1, $code, $name);
        }
        $open = (string) DB::table('run_progress')->join('runs', 'runs.id', '=', 'run_progress.run')->join('subjects', 'subjects.id', '=', 'runs.subject')->where('subjects.state', 'open')->value('runs.id');
        DB::transaction(fn () => ManyEngines::like($open, (int) getenv('BENCH_OPEN')));
    }

    /**
     * A joint as long as this is tightened from no middle: whatever is doubted about it is made up to be measured.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, string>
     */
    private static function answers(array $document): array
    {
        $doubts = DraftAssessment::challengesOf(DocumentReader::read($document), $document);

        return array_fill_keys(array_map(fn (Challenge $c): string => $c->key(), $doubts), 'Made up to be measured.');
    }
}
