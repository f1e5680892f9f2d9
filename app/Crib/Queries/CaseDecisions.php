<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\CaseDecision;
use App\Record\Models\Subject;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Review\Disposition;
use Tekkal\Core\Review\Dispositions;
use Tekkal\Core\Tool\LookBackVerdict;

/** What was decided in a case, engine by engine, and what still waits for a decision. */
final readonly class CaseDecisions
{
    /** @var array<string, Dispositions> by engine */
    private array $made;

    /** @var array<string, array<string, DateTimeImmutable>> by engine and fastener: when it was last found to lie outside or in doubt */
    private array $grave;

    /** @param  string|null  $build  null: all that the case has touched */
    public function __construct(private string $case, ?string $build = null)
    {
        $in = fn (string $table): Builder => DB::table($table)->where('case', $case)->when($build !== null, fn (Builder $q): Builder => $q->where('subject', $build));
        $grave = $made = [];
        foreach ($in('look_back_results')->whereNot('verdict', LookBackVerdict::In->value)->groupBy('subject', 'joint', 'position')->selectRaw('subject, joint, position, MAX(judged_at) AS judged_at')->get() as $row) {
            $grave[$row->subject][self::fastener($row->joint, $row->position)] = self::at($row->judged_at);
        }
        foreach ($in('look_back_decisions')->orderBy('at')->orderBy('entry_id')->get() as $row) {
            $made[$row->subject][] = new Disposition($row->decision, self::texts($row->fasteners), $row->person, self::at($row->at));
        }
        [$this->grave, $this->made] = [$grave, array_map(fn (array $of): Dispositions => new Dispositions($of), $made)];
    }

    /** A fastener by a name that no other of an engine has. */
    public static function fastener(string $joint, string $position): string
    {
        return "$joint/$position";
    }

    public function of(string $build): Dispositions
    {
        return $this->made[$build] ?? new Dispositions([]);
    }

    /** @return list<string> fasteners of an engine that wait for a decision */
    public function open(string $build): array
    {
        return $this->of($build)->open($this->grave[$build] ?? []);
    }

    public function isComplete(string $build): bool
    {
        return $this->of($build)->isComplete($this->grave[$build] ?? []);
    }

    /** In words, for who asks about the engine and not about the case; null while nobody has decided anything. */
    public function words(string $build): ?string
    {
        $standing = array_map(fn (Disposition $d): string => CaseDecision::from($d->decision)->words().($d->fasteners === [] ? '' : sprintf(' (%d %s)', count($d->fasteners), count($d->fasteners) === 1 ? 'fastener' : 'fasteners')), $this->of($build)->standing());
        $open = count($this->open($build));

        return $standing === [] ? null : implode(', ', $standing).($open === 0 ? '' : ', and of '.($open === 1 ? 'one fastener' : "$open fasteners").' nobody has decided yet');
    }

    /** @return list<string> engines, in words, that are not wholly decided about */
    public function undecided(): array
    {
        $touched = DB::table('look_back_results')->where('case', $this->case)->distinct()->pluck('subject');
        $open = $touched->reject(fn (mixed $s): bool => is_string($s) && $this->isComplete($s));

        return array_values(Subject::query()->whereKey($open->all())->orderBy('serial')->get()->map(fn (Subject $s): string => $s->title())->all());
    }

    private static function at(string $sql): DateTimeImmutable
    {
        return new DateTimeImmutable($sql, new DateTimeZone('UTC'));
    }

    /** @return list<string> */
    private static function texts(string $json): array
    {
        return array_values(array_filter((array) json_decode($json, true), is_string(...)));
    }
}
