<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Actions\CompareCard;
use App\Bench\Actions\MoveCard;
use App\Bench\Actions\PrintCard;
use App\Bench\Models\AskedValue;
use App\Crib\Jobs\JudgeCase;
use App\Crib\Models\LookBackCase;
use App\Ledger\Recorder;
use App\Library\Actions\AddFamily;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\GrantPermit;
use App\Library\Actions\SetRiskRules;
use App\Library\Actions\SetStandard;
use App\Library\Actions\SubmitRevision;
use App\Library\Actions\TurnDownRevision;
use App\Library\Models\Joint;
use App\Library\Models\StoredRevision;
use App\Library\PaperFile;
use App\People\Actions\AcknowledgeNotice;
use App\People\Actions\NameDeputy;
use App\People\Models\Notice;
use App\People\Shop;
use App\Record\Models\Stop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Something of everything that is decided at a desk, and what becomes of a job card on paper. */
trait BusyDay
{
    private const SCAN = "%PDF-1.4\n% a card\n%%EOF";

    /** Superseded, sent back, withdrawn, in review; standards and permits in each state; told, acknowledged; work moved on. */
    private function aBusyDay(): void
    {
        [$lead, $approver] = [$this->world->person('lead'), $this->world->person('approver')];
        $this->world->job($this->world->build());
        $this->blocks();
        $this->cards();
        $this->handover();
        $this->crib();
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
        $this->risks();
        $this->permits();
        $this->stops($new);
        app(NameDeputy::class)($this->world->person('1042'), ['classes' => ['B'], 'from_time' => '14:00', 'until_time' => '22:00', 'first_day' => '2026-06-01', 'last_day' => '2026-12-31'], $lead);
        app(AcknowledgeNotice::class)(Notice::query()->firstOrFail()->id, $lead);
        $this->withoutProcedure();
    }

    /** Rules of the classes: dropped, replaced, in force, asked for. */
    private function risks(): void
    {
        $set = app(SetRiskRules::class);
        [$lead, $approver] = [$this->world->person('lead'), $this->world->person('approver')];
        $rules = fn (string $b): array => array_map(fn (array $r): array => ['least' => $r[0], 'watched' => false, 'second_look' => $r[1]], ['A' => ['one_by_one', true], 'B' => [$b, true], 'C' => ['as_round', false]]);
        $set->ask($rules('one_by_one'), 'A typing error', $lead);
        foreach (['as_round' => 'Two look', 'one_by_one' => 'Bolt by bolt'] as $least => $why) {
            $set->approve($set->ask($rules($least), $why, $lead), $approver, $approver->displayName());
        }
        $set->ask($rules('as_round'), 'Back again', $lead);
    }

    /** A tool that came in, went out, was changed, checked, dropped, sent away, found wrong; its case; a lot, a standard that was wrong, rules of the shop's own. */
    private function crib(): void
    {
        $keeper = fn (string $path, array $body): mixed => $this->world->desk('crib', 'POST', $path, $body)->assertSuccessful()->json();
        $fields = ['code' => 'TW-50', 'name' => 'Click wrench', 'form' => 'click_wrench', 'unit' => 'N.m', 'lowest' => '12', 'highest' => '60', 'resolution' => '0.5', 'permissible' => '4 %'];
        $standard = $keeper('reference-standards', ['code' => 'RS-1', 'name' => 'Transducer', 'measures' => 'torque', 'uncertainty' => '0.4 %', 'certificate' => 'T-1', 'laboratory' => 'Sallow', 'valid_from' => '2025-01-01', 'valid_until' => '2027-06-30'])['id'];
        $keeper('tools', ['tools' => [$fields]]);
        $keeper('tools/TW-50', ['fields' => ['place' => 'Drawer 1'] + $fields]);
        $calibrate = fn (string $tool, float $off): mixed => $keeper("tools/$tool/calibrations", [
            'calibrated_on' => now()->format('Y-m-d'), 'certificate' => 'FC-1', 'standard' => $standard, 'laboratory' => ['kind' => 'own'],
            'sheet' => ['direction' => 'clockwise', 'as_found' => array_map(fn (string $at): array => ['nominal' => $at, 'readings' => array_fill(0, 5, sprintf('%.2f', (float) $at / $off))], ['12', '36', '60']), 'adjustment' => 'none', 'as_left' => [], 'preloads' => 3],
        ]);
        $calibrate('TW-50', 1.0);
        $keeper('tools/TW-50/lend', ['badge' => '1041']);
        $keeper('tools/TW-50/return', ['elsewhere' => 'some']);
        $keeper('tools/TW-50/check', ['nominal' => '36', 'reading' => '36']);
        $keeper('tools/away', ['tools' => ['TW-50'], 'laboratory' => 'Sallow']);
        $keeper('tools/back', ['tools' => ['TW-50']]);
        $keeper('tools/TW-50/chain', ['reason' => 'dropped']);
        $this->world->desk('lead', 'POST', 'tools/TW-50/interval', ['months' => 6])->assertOk();
        $lot = $keeper('lots', ['number' => 'H1', 'kind' => 'locker', 'name' => 'Locker', 'quantity' => '7', 'unit' => 'bottles'])['id'];
        $keeper("lots/$lot/count", ['quantity' => '6']);
        $keeper('tools/TW-09/retire', ['reason' => 'worn']);
        $rules = array_column((array) $this->world->desk('crib', 'GET', 'tool-rules')->json('forms'), 'rules', 'form')['click_wrench'];
        $this->world->desk('lead', 'POST', 'tool-rules/click_wrench', ['rules' => ['readings' => 3] + $rules])->assertOk();
        // What was pulled with it for the card is looked at.
        $calibrate('TW-04', 1.06);
        $case = LookBackCase::query()->where('number', 1)->firstOrFail();
        (new JudgeCase($case->id))->handle(app(Recorder::class));
        $builds = DB::table('look_back_results')->distinct()->pluck('subject')->all();
        $this->world->desk('lead', 'POST', 'cases/1/decisions', ['builds' => $builds, 'decision' => 'redo'])->assertOk();
        $this->world->desk('lead', 'POST', 'cases/1/close')->assertOk();
        $this->world->desk('lead', 'POST', "reference-standards/$standard/doubt", ['since' => '2026-05-01', 'off' => '2'])->assertOk();
    }

    /** A revision that was stopped in the middle of a run and lifted by two, one that stays, a tool that nobody has lifted; a bench that knows. */
    private function stops(StoredRevision $revision): void
    {
        $stop = fn (string $what, string $key): int => (int) $this->world->desk('lead', 'POST', 'stops', ['what' => $what, 'key' => $key, 'reason' => 'The angle is wrong'])->assertCreated()->json('number');
        $sign = fn (string $who, string $path, array $body): mixed => $this->world->desk($who, 'POST', $path, ['password' => 'fenmoor'] + $body)->assertOk();
        $number = $stop('revision', $revision->id);
        $this->world->bench($this->world->device('Bench that knows'), '1043')->command('stops/'.Stop::query()->where('number', $number)->firstOrFail()->id.'/seen')->assertNoContent();
        $sign('lead', "stops/$number/ask", ['reason' => 'It was right']);
        $sign('approver', "stops/$number/keep", ['reason' => 'Show me']);
        $sign('lead', "stops/$number/ask", ['reason' => 'Here is the page']);
        $sign('approver', "stops/$number/lift", ['seen' => 'Here is the page']);
        $stop('tool', 'TW-07');
    }

    /** A shift that one hands to another, and a joint that comes apart again. */
    private function handover(): void
    {
        $build = $this->world->build('TN3-26-0007');
        $bench = $this->world->bench($this->world->device('Bench of two shifts'), '1041')->begin($this->world->job($build));
        $bench->command('handover', ['pin' => '314159', 'badge' => '1042', 'second_pin' => '314159', 'said' => 'Nothing is tight yet', 'seen' => (string) $bench->get('handover')['mark']])->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$build/joints/{$this->world->joint->id}/opening", ['reason' => 'A dowel is missing'])->assertNoContent();
    }

    /** A short block that was tightened by itself and took the place of an engine's own, whose run went with it. */
    private function blocks(): void
    {
        $desk = fn (string $path, array $body = []): ?string => $this->done('lead', $path, $body);
        $caps = $this->world->joint->id;
        $family = app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Sump', 'Cover'], [], $this->world->person('lead'))->id;
        $desk("library/families/$family/subassemblies", ['joints' => [['joint' => $caps, 'carried_in' => 'Short block']]]);
        $block = $desk('subassemblies', ['family' => 'TN3', 'kind' => 'Short block', 'serial' => 'SB-1']);
        $this->world->deskFile('lead', "builds/$block/joints/$caps/paper", ['worked_by' => 'N. Harrow', 'worked_on' => now()->format('Y-m-d')], UploadedFile::fake()->createWithContent('card.pdf', self::SCAN))->assertNoContent();
        $desk("builds/$block/finish");
        $engine = $this->world->build('TN3-26-0008');
        $bench = $this->world->bench($this->world->device('Bench of the block'), '1041')->ready($this->world->job($engine))->prepared();
        $bench->completeAll();
        $bench->finish()->assertOk();
        $desk("builds/$engine/subassemblies/Short%20block", ['why' => 'A crack', 'serial' => 'SB-2', 'fit' => $block]);
    }

    /** A joint by a general table, one that is told, a table that serves no more, a value that a bench asked for. */
    private function withoutProcedure(): void
    {
        $desk = $this->done(...);
        $joint = fn (string $name): string => (string) Joint::query()->where('name', $name)->value('id');
        $desk('lead', 'library/sources', ['code' => 'GT-1', 'kind' => 'shop_standard', 'title' => 'General torques', 'edition' => '1', 'date' => '2026-01']);
        $table = fn (string $code): mixed => $desk('lead', 'library/general-tables', ['code' => $code, 'source' => 'GT-1', 'condition' => 'dry', 'tolerance' => '10 %', 'rows' => "M8; 8.8; cast iron; 24 N·m\nM6; 8.8; steel; 9.5 N·m"]);
        [$serves, $gone] = [$table('GT-1'), $table('GT-2')];
        $desk('approver', "library/general-tables/$serves/approve", ['password' => 'fenmoor']);
        $desk('approver', "library/general-tables/$gone/withdraw", ['why' => 'Another issue']);
        $engine = $this->world->build('TN3-26-0009');
        $desk('lead', "builds/$engine/joints/{$joint('Sump')}/by-table", ['table' => $serves, 'row' => 'M8 8.8 in cast iron', 'bolts' => 4, 'layout' => 'row', 'person' => $this->world->person('1041')->id, 'class_c' => true]);
        $desk('lead', "builds/$engine/joints/{$joint('Cover')}/told", ['told' => '9 N·m', 'worked_by' => 'N. Harrow', 'worked_on' => now()->format('Y-m-d')]);
        $bench = $this->world->bench($this->world->device('Bench that asks'), '1042');
        $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'POST', 'bench/values', ['serial' => 'TN3-26-0009', 'says' => 'Cover, M6'])->assertNoContent();
        $desk('lead', 'values/'.AskedValue::query()->firstOrFail()->id.'/answer', ['answer' => 'By GT-1']);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return string|null the id of what came of it, where something did
     */
    private function done(string $who, string $path, array $body): ?string
    {
        $answer = $this->world->desk($who, 'POST', $path, $body)->assertSuccessful();

        return $answer->getStatusCode() === 204 ? null : (string) $answer->json('id');
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

    /** One that is voided, one that comes back, is typed in and compared, and one that is lost: all for one job. */
    private function cards(): void
    {
        $lead = $this->world->person('lead');
        $job = $this->world->job($this->world->build('TN3-26-0003'));
        $move = app(MoveCard::class);
        $move->void(app(PrintCard::class)($job, $lead), 'spoiled', $lead);
        $card = app(PrintCard::class)($job, $lead);
        $move->back($card, $this->world->person('1041')->id, Shop::here()->today()->date, $lead);
        $move->scan($card, PaperFile::of(UploadedFile::fake()->createWithContent('card.pdf', self::SCAN)), $lead);
        $bench = $this->world->bench($this->world->device('Bench for cards'), '1042');
        $bench->run = (string) $bench->command('runs', ['assignment' => $job, 'card' => $card])->assertCreated()->json('id');
        $bench->command("runs/$bench->run/paper", ['card' => $card])->assertOk();
        $bench->take('torque', 'TW-04')->assertOk();
        $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $bench->command("runs/$bench->run/paper-end")->assertOk();
        app(CompareCard::class)($card, [], $lead);
        $move->lose(app(PrintCard::class)($job, $lead), $lead);
    }

    private function next(string $angle): StoredRevision
    {
        $this->travel(1)->minutes();
        $document = World::document();
        $document['stages'][1]['targets'][0]['target'] = $angle;

        return app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
    }
}
