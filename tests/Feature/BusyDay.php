<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\Actions\ApproveRevision;
use App\Library\Actions\GrantPermit;
use App\Library\Actions\SetStandard;
use App\Library\Actions\SubmitRevision;
use App\Library\Actions\TurnDownRevision;
use App\Library\Models\StoredRevision;
use App\People\Actions\AcknowledgeNotice;
use App\People\Models\Notice;

/** Something of everything that the library decides. */
trait BusyDay
{
    /** Superseded, sent back, withdrawn, in review; standards and permits in each state; told, acknowledged; work moved on. */
    private function aBusyDay(): void
    {
        [$lead, $approver] = [$this->world->person('lead'), $this->world->person('approver')];
        $this->world->job($this->world->build());
        $turnDown = app(TurnDownRevision::class);
        $turnDown->back($this->next('48°'), 'Which page says so?', $approver);
        $new = $this->next('49°');
        app(ApproveRevision::class)($new, $approver);
        $this->travel(1)->minutes();
        $turnDown->withdraw($new, 'The bolts are recalled.', $approver, $approver->displayName());
        $this->next('50°');
        $standards = app(SetStandard::class);
        $this->world->desk('lead', 'POST', 'library/sources', ['code' => 'FW-09', 'kind' => 'window_standard', 'title' => 'Windows', 'edition' => '1', 'date' => '2026-01'])->assertCreated();
        foreach (['FW-09-T' => true, 'FW-09-U' => false] as $code => $signed) {
            $id = $standards->ask(['code' => $code, 'quantity' => 'torque', 'tool' => '', 'risk_class' => 'A', 'tolerance' => '4 %', 'source' => 'FW-09'], $lead);
            $signed && $standards->approve($id, $approver, $approver->displayName());
        }
        $this->permits();
        app(AcknowledgeNotice::class)(Notice::query()->firstOrFail()->id, $lead);
    }

    private function permits(): void
    {
        [$lead, $approver] = [$this->world->person('lead'), $this->world->person('approver')];
        $grant = app(GrantPermit::class);
        foreach (['asked', 'approved', 'refused', 'withdrawn'] as $state) {
            $id = $grant->ask($this->world->procedure->id, ['stage' => null, 'departure' => "To be $state", 'reason' => 'r', 'customer_reference' => '', 'quantity' => 3, 'serials' => 'TN3-26-0001', 'valid_from' => '2026-06-15', 'valid_until' => '2026-12-31'], $lead);
            match ($state) {
                'asked' => null,
                'approved' => $grant->approve($id, $approver, $approver->displayName()),
                default => $grant->close($id, $approver, $state, 'because'),
            };
        }
    }

    private function next(string $angle): StoredRevision
    {
        $this->travel(1)->minutes();
        $document = World::document();
        $document['stages'][1]['targets'][0]['target'] = $angle;

        return app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
    }
}
