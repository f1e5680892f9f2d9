<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\CaseDecision;
use App\Crib\Models\LookBackCase;
use App\Library\Models\Joint;
use App\Library\Queries\RevisionFaces;
use App\People\Models\Customer;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\Whereabouts;
use App\Shared\Models\Row;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Review\Disposition;
use Tekkal\Core\Tool\LookBackVerdict;

/** The engines that a case has touched, the gravest first: by risk class, then by what was lost of the window, then what has left the house. */
final readonly class CaseEngines
{
    private const MILLION = 1_000_000;

    /** More of one joint are not told apart in a drawing. */
    public const DRAWN = 48;

    /** @var Collection<int, stdClass> */
    private Collection $results;

    /** @var array<array-key, Run> */
    private array $runs;

    /** @var array<array-key, string> names by id */
    private array $joints;

    /** @var array<string, array<string, mixed>> by revision */
    private array $faces;

    private ClampOfResults $clamps;

    /** @var array<array-key, string> who has decided, by id */
    private array $people;

    private CaseDecisions $decisions;

    /** @param  int  $told  so many results of a joint are told one by one, the gravest; the others are counted */
    public function __construct(private LookBackCase $case, private int $told = self::DRAWN)
    {
        $this->decisions = new CaseDecisions($case->id);
        $this->results = DB::table('look_back_results')->where('case', $case->id)->orderBy('taken_at')->get();
        $this->runs = Run::query()->findMany($this->results->pluck('run')->unique()->all())->keyBy('id')->all();
        $this->joints = Joint::query()->findMany($this->results->pluck('joint')->unique()->all())->pluck('name', 'id')->all();
        $this->faces = RevisionFaces::of(array_map(fn (Run $r): string => $r->revision, $this->runs));
        $this->clamps = new ClampOfResults;
        $this->people = CribBoard::names(DB::table('look_back_decisions')->where('case', $case->id)->distinct()->pluck('person')->all());
    }

    /** @return list<array<string, mixed>> */
    public function list(): array
    {
        $subjects = Subject::query()->with('owner')->findMany($this->results->pluck('subject')->unique()->all());
        $engines = [];
        // Whoever has a head in their engine is told, whoever owned it when it was tightened.
        [$around, $now] = [Fitted::around($subjects->modelKeys()), Whereabouts::words($subjects->modelKeys())];
        $results = $this->results->groupBy('subject');
        foreach ($subjects as $subject) {
            $of = $results->get($subject->id, new Collection);
            $engines[] = [
                'build' => $subject->id, 'serial' => $subject->title(), 'state' => $subject->state->value, 'customer' => self::owner($around[$subject->id] ?? $subject), 'where' => self::where($subject).(isset($now[$subject->id]) ? ', '.$now[$subject->id] : ''),
                'risk_class' => (string) $of->min('risk_class'), 'loss' => $this->loss($of), 'counts' => self::counts($of), 'decided' => $this->decisions->isComplete($subject->id), 'decisions' => $this->standing($subject->id, $of), 'open' => $this->named($this->decisions->open($subject->id), $of), 'waiting' => $this->decisions->open($subject->id), 'also' => $this->also($subject->id),
                'joints' => array_values($of->groupBy('run')->map(fn (Collection $r, int|string $run): array => $this->joint($r->values(), (string) $run))->all()),
            ];
        }
        $grave = fn (array $e): array => [$e['risk_class'], -$e['loss'], $e['state'] !== BuildState::Shipped->value, $e['serial']];
        usort($engines, fn (array $a, array $b): int => $grave($a) <=> $grave($b));

        return $engines;
    }

    private static function owner(Subject $subject): string
    {
        return $subject->ownedBy() ?? Customer::BLANKED;
    }

    private static function where(Subject $subject): string
    {
        return match ($subject->state) {
            BuildState::Shipped => 'shipped'.($subject->shipped_at === null ? '' : ' '.ToolBook::day($subject->shipped_at)->words()),
            BuildState::Finished => 'here, finished',
            BuildState::Open => 'here, open',
            BuildState::Received => 'here, come in',
        };
    }

    /**
     * @param  Collection<int, stdClass>  $results  of one run
     * @return array<string, mixed>
     */
    private function joint(Collection $results, string $run): array
    {
        $name = $this->joints[$results[0]->joint ?? ''] ?? '?';
        $revision = $this->runs[$run]->revision ?? '';
        $numbers = $this->numbers($run);

        return [
            'joint' => $results[0]->joint ?? '', 'name' => $name, 'map' => $this->faces[$revision]['sketch'] ?? null, 'risk_class' => $results[0]->risk_class ?? '', 'counts' => self::counts($results), 'says' => CaseWords::joint($results, $name),
            'results' => array_values($results->sortByDesc(fn (stdClass $r): int => $r->loss === null ? self::MILLION : abs((int) $r->loss))->take($this->told)->sortBy('taken_at')->map(fn (stdClass $r): array => CaseWords::result($r) + ['number' => (string) ($numbers[$r->position] ?? $r->position), 'clamp' => $revision === '' ? null : $this->clamps->of($revision, $r)])->all()),
        ];
    }

    /**
     * @param  Collection<int, stdClass>  $results
     * @return array{in: int, in_doubt: int, out: int}
     */
    private static function counts(Collection $results): array
    {
        $of = fn (LookBackVerdict $v): int => $results->where('verdict', $v->value)->count();

        return ['in' => $of(LookBackVerdict::In), 'in_doubt' => $of(LookBackVerdict::InDoubt), 'out' => $of(LookBackVerdict::Out)];
    }

    /**
     * The largest, as a share of the window. Where nobody can say, as much as there is.
     *
     * @param  Collection<int, stdClass>  $results
     */
    private function loss(Collection $results): float
    {
        return round((float) $results->max(fn (stdClass $r): int => $r->loss === null ? self::MILLION : abs((int) $r->loss)) / self::MILLION, 4);
    }

    /**
     * What was decided and still stands, in words.
     *
     * @param  Collection<int, stdClass>  $results  of the engine
     * @return list<array<string, mixed>>
     */
    private function standing(string $build, Collection $results): array
    {
        return array_map(fn (Disposition $d): array => [
            'decision' => $d->decision, 'words' => CaseDecision::from($d->decision)->words(), 'about' => $this->named($d->fasteners, $results), 'by' => $this->people[$d->person] ?? '', 'at' => Row::zulu($d->at->format('Y-m-d H:i:s')),
        ], $this->decisions->of($build)->standing());
    }

    /**
     * "Main caps 2 and 4; Cylinder head 7"
     *
     * @param  list<string>  $fasteners
     * @param  Collection<int, stdClass>  $results  of the engine
     */
    private function named(array $fasteners, Collection $results): string
    {
        $named = [];
        foreach ($results as $r) {
            if (in_array(CaseDecisions::fastener($r->joint, $r->position), $fasteners, true)) {
                $named[$this->joints[$r->joint] ?? '?'][] = (string) ($this->numbers($r->run)[$r->position] ?? $r->position);
            }
        }

        return implode('; ', array_map(function (string $joint, array $numbers): string {
            $numbers = array_values(array_unique($numbers));
            sort($numbers, SORT_NATURAL);

            return "$joint ".implode(', ', $numbers);
        }, array_keys($named), $named));
    }

    /** @return array<array-key, mixed> the numbers by which people call positions, by key */
    private function numbers(string $run): array
    {
        return array_column((array) data_get($this->faces, ($this->runs[$run]->revision ?? '').'.sketch.map.positions', []), 'number', 'key');
    }

    /** @return list<int> numbers of other open cases that have touched this engine: two tools may both have been wrong in one joint */
    private function also(string $subject): array
    {
        $numbers = DB::table('look_back_results AS r')->join('look_back_cases AS c', 'c.id', '=', 'r.case')->where('r.subject', $subject)->whereNot('r.case', $this->case->id)->whereNot('c.state', 'closed')->distinct()->orderBy('c.number')->pluck('c.number');

        return array_values($numbers->map(fn (mixed $n): int => (int) $n)->all());
    }
}
