<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\GeneralTableRow;
use App\Library\Models\Permit;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\RiskRuleSet;
use App\Library\Models\Standard;
use App\Library\Queries\RevisionFaces;
use App\People\Ability;
use App\People\Shop;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;

/** What waits for a signature, for whoever may give it; and what was sent back, for whoever wrote it. */
final class LibraryNeeds implements NeedsMe
{
    public function needs(): array
    {
        return [
            ...(Gate::allows(Ability::ApproveProcedures->value) ? [...self::revisions(), ...self::standards(), ...self::risks(), ...self::tables(), ...self::permits()] : []),
            ...(Gate::allows(Ability::DraftProcedures->value) ? self::sentBack() : []),
        ];
    }

    /** @return list<Need> nothing that one has written oneself */
    private static function revisions(): array
    {
        $waiting = RevisionStatus::query()->where('state', RevisionState::InReview->value)->orderBy('submitted_at')->get()
            ->reject(fn (RevisionStatus $s): bool => in_array(Auth::id(), Authors::ofRevision($s->revision), true));
        $titles = self::titles($waiting->pluck('procedure')->all());
        $faces = RevisionFaces::of($waiting->pluck('revision')->all());

        return array_values($waiting->map(fn (RevisionStatus $s): Need => new Need(
            Urgency::Next, sprintf('%s: revision %s waits for a signature', $titles[$s->procedure] ?? '', $s->letter),
            sprintf('Handed in %s. No engine is given to it before somebody signs.', self::on($s->submitted_at)), 'Read and sign', '/library/'.$s->revision,
            self::drawn($faces, $s),
        ))->all());
    }

    /** @return list<Need> */
    private static function standards(): array
    {
        return array_values(Standard::query()->where('state', 'asked')->whereNot('asked_by', Auth::id())->orderBy('code')->get()->map(fn (Standard $s): Need => new Need(
            Urgency::Next, "Window standard $s->code waits for a signature", sprintf('± %s of a bare %s; it stands in %s. Nothing is approved with it before.', $s->tolerance, $s->quantity, $s->source), 'Look and sign', '/library/sources',
        ))->all());
    }

    /** @return list<Need> */
    private static function risks(): array
    {
        return array_values(RiskRuleSet::query()->where('state', 'asked')->whereNot('asked_by', Auth::id())->get()->map(fn (RiskRuleSet $r): Need => new Need(
            Urgency::Next, 'Rules of the risk classes wait for a signature', sprintf('“%s” Until somebody signs, the classes ask for what they asked for before.', $r->why), 'Look and sign', '/library/sources',
        ))->all());
    }

    /** @return list<Need> */
    private static function tables(): array
    {
        return array_values(GeneralTableRow::query()->where('state', 'asked')->whereNot('asked_by', Auth::id())->orderBy('code')->get()->map(fn (GeneralTableRow $t): Need => new Need(
            Urgency::Next, "General table $t->code waits for a signature", sprintf('%d torques for joints of class C without a procedure; it stands in %s. None is given out by it before.', count($t->rows), $t->source), 'Look and sign', '/library/general-tables',
        ))->all());
    }

    /** @return list<Need> */
    private static function permits(): array
    {
        return array_values(Permit::query()->with(['ofProcedure.atJoint.inFamily', 'ofJoint', 'ofSubject'])->where('state', 'asked')->whereNot('asked_by', Auth::id())->orderBy('asked_at')->get()->map(fn (Permit $p): Need => new Need(
            Urgency::Next, "Deviation permit $p->code waits for a signature", sprintf('%s: %s. Asked for %s.', $p->title(), $p->departure, self::on($p->asked_at)), 'Look and sign', '/library/permits',
        ))->all());
    }

    /** @return list<Need> */
    private static function sentBack(): array
    {
        $back = RevisionStatus::query()->join('drafts', fn ($join) => $join->on('drafts.procedure', '=', 'revision_states.procedure')->on('drafts.letter', '=', 'revision_states.letter'))
            ->where('drafts.author', Auth::id())->where('revision_states.state', RevisionState::Returned->value)->get(['revision_states.*']);
        if ($back->isEmpty()) {
            return [];
        }
        $titles = self::titles($back->pluck('procedure')->all());
        $faces = RevisionFaces::of($back->pluck('revision')->all());

        return array_values($back->map(fn (RevisionStatus $s): Need => new Need(
            Urgency::Next, sprintf('%s: revision %s was sent back', $titles[$s->procedure] ?? '', $s->letter), sprintf('“%s”', $s->remark), 'Set it right', '/library/drafts/'.$s->procedure, self::drawn($faces, $s),
        ))->all());
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return array<string, string> by procedure
     */
    private static function titles(array $ids): array
    {
        $rows = $ids === [] ? collect() : DB::table('procedures')->join('joints', 'joints.id', '=', 'procedures.joint')->join('families', 'families.id', '=', 'joints.family')->whereIn('procedures.id', $ids)->get(['procedures.id', 'families.name as family', 'joints.name as joint', 'procedures.option']);

        return $rows->mapWithKeys(fn (stdClass $r): array => [$r->id => Procedure::titled($r->family, $r->joint, $r->option)])->all();
    }

    /**
     * @param  array<string, array{sketch: array<string, mixed>}>  $faces
     * @return array<string, mixed>|null
     */
    private static function drawn(array $faces, RevisionStatus $of): ?array
    {
        return isset($faces[$of->revision]) ? ['map' => $faces[$of->revision]['sketch'], 'marks' => []] : null;
    }

    private static function on(?CarbonImmutable $at): string
    {
        return $at === null ? '' : 'on '.Shop::here()->clock($at)->format('j F');
    }
}
