<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\OpenBuild;
use App\Builds\Opening;
use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\RevisionState;
use App\People\Models\Person;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolNotes;

/** Any procedure as a job on somebody's hook, and tools for all of them: signed as it stands, since an example of the language need not please an approver. */
final readonly class JobOf
{
    public function __construct(private Person $lead, private string $customer)
    {
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  string  $code  of a family of its own
     * @return array{string, string} the build, and the job
     */
    public function procedure(array $document, string $code, Person $whose): array
    {
        $document = ['family' => "$code of the test"] + $document;
        $family = app(AddFamily::class)($code, $document['family'], 'test', [(string) $document['joint']], [], $this->lead);
        $joint = Joint::query()->where('family', $family->id)->where('name', $document['joint'])->firstOrFail();
        $procedure = app(AddProcedure::class)($joint, (string) $document['option'], $this->lead);
        $revision = app(SubmitRevision::class)($procedure, $document, $this->lead);
        $plan = Expander::expand(DocumentReader::read($document));
        DB::table('plans')->insertOrIgnore(['hash' => $plan->hash(), 'plan' => $plan->bytes()]);
        RevisionStatus::query()->whereKey($revision->id)->update(['state' => RevisionState::Approved->value, 'plan_hash' => $plan->hash(), 'approved_at' => now()->subMinute()]);
        $build = app(OpenBuild::class)(new Opening("$code-26-0001", $this->customer), $this->lead);

        return [$build, app(GiveProcedure::class)($build, $joint->id, $whose->id, $this->lead, procedure: $procedure->id)];
    }

    /**
     * Two of each, so that one may be dropped.
     *
     * @param  int  $spares  more of each: what was dropped in one job is out of use in every other
     */
    public function tools(Person $keeper, int $spares = 0): void
    {
        foreach (ShopRack::plenty()->tools as $tool) {
            $this->tool($tool->tool, $tool->name, $keeper);
        }
        for ($i = 1; $i <= $spares; $i++) {
            foreach (ShopRack::good()->tools as $tool) {
                $of = $tool->tool;
                $this->tool(new Tool("{$of->code}S$i", $of->kind, $of->range, $of->resolution, notes: new ToolNotes(class: $of->class)), $tool->name, $keeper);
            }
        }
    }

    private function tool(Tool $tool, string $name, Person $keeper): void
    {
        Tools::calibrated(Tools::register($tool, $name, $keeper), now()->subMonth()->format('Y-m-d'), now()->addMonth()->format('Y-m-d'), true, 'T', $keeper);
    }
}
