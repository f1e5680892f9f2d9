<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\FirstQuestions;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\Wanting;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\PlanFigures;
use Tekkal\Core\Plan\PlanText;
use Tekkal\Core\Plausibility\Challenge;
use Tekkal\Core\Plausibility\LoadBands;
use Tekkal\Core\Plausibility\Plausibility;
use Tekkal\Core\Sequence\SequenceJudge;

/** What the core has to say of a document while it is being written: problems, line, plan, figures, doubts, clamp. */
final readonly class DraftAssessment
{
    private const MOST_MENDINGS = 6;

    /** What is reckoned with where nobody has said it yet, by the question: the strictest. */
    private const MEANWHILE = ['risk' => 'risk class A', 'reuse' => 'new bolts every time'];

    /** @param  list<Problem>  $problems */
    private function __construct(
        public array $problems,
        public ?Revision $revision,
        /** @var array<mixed> what could be read, gaps filled where a figure needs it */
        private array $document,
        /** @var array<mixed> as it stands */
        private array $written,
    ) {
    }

    /** @param  array<mixed>  $document */
    public static function at(array $document): self
    {
        try {
            return new self([], DocumentReader::read($document), $document, $document);
        } catch (InvalidDocument $e) {
            return self::mended($document, $e->problems);
        }
    }

    /** @param  array<mixed>  $document */
    public static function readable(array $document): ?Revision
    {
        return self::at($document)->revision;
    }

    /** @return list<Challenge> */
    public function challenges(): array
    {
        return $this->revision === null ? [] : self::challengesOf($this->revision, $this->document);
    }

    /**
     * @param  array<mixed>  $document
     * @return list<Challenge>
     */
    public static function challengesOf(Revision $revision, array $document): array
    {
        return Plausibility::of($revision, $document);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $questions = FirstQuestions::of($this->written);

        return [
            'questions' => $questions,
            'assumed' => $this->revision === null ? [] : array_values(array_intersect_key(self::MEANWHILE, array_flip(array_column($questions, 'key')))),
            'problems' => array_map(fn (Problem $p): array => get_object_vars(Wanting::of($this->written, $p)), array_values(array_filter($this->problems, fn (Problem $p): bool => ! FirstQuestions::cover($questions, $p)))),
            'not_approvable' => $this->revision === null ? [] : array_map(get_object_vars(...), [...Wanting::blocking($this->revision, $this->written), ...Wanting::short($this->revision, $this->written, RiskRulesInForce::rules())]),
            'line' => $this->revision?->tighteningLine()->typeset() ?? '',
            'rounds' => $this->revision?->tighteningLine()->rounds() ?? [],
            'sheet' => $this->revision === null ? null : (new RevisionSheet($this->revision, $this->document))->toArray(),
            'figures' => $this->revision === null ? null : self::figures($this->revision),
            'challenges' => array_map(self::challenge(...), $this->challenges()),
            // A clamp load on a surface that nobody has told of would be a guess.
            'bands' => $this->revision === null || in_array('surfaces', array_column($questions, 'key'), true) ? [] : (new LoadBands($this->revision, $this->document))->toArray(),
            'orders' => $this->revision === null ? [] : self::orders($this->revision),
        ];
    }

    /** @return array<string, mixed> */
    public static function challenge(Challenge $c): array
    {
        return ['key' => $c->key(), 'kind' => $c->kind->value, 'about' => $c->about, 'sentence' => $c->sentence, 'plausible' => $c->plausible, 'assumptions' => $c->assumptions];
    }

    /** @return array<string, mixed> */
    public static function figures(Revision $revision): array
    {
        $plan = Expander::expand($revision);
        $figures = new PlanFigures($revision, $plan);
        $results = $figures->results();

        return [
            'steps' => (new PlanText($revision, $plan, $figures))->toArray()['steps'],
            'least' => array_sum(array_column($results, 'least')), 'most' => array_sum(array_column($results, 'most')),
            // A hand is nothing that anybody fetches.
            'people' => $figures->people(), 'tools' => array_values(array_filter($figures->tools(), fn (array $t): bool => $t['kind'] !== 'hand')), 'consumables' => $figures->consumables(),
            'new_fasteners' => array_map(fn (string $type, int $n): array => ['type' => $revision->fasteners[$type]->name ?? $type, 'count' => $n], array_keys($figures->newFasteners()), $figures->newFasteners()),
            'time' => $figures->time()->printed,
        ];
    }

    /** @return list<array<string, mixed>> the core's judgement of each stage's order */
    private static function orders(Revision $revision): array
    {
        $stages = array_filter($revision->stages(), fn (Stage $s): bool => $s->rules->kind->isPerPosition());

        return array_map(fn (Stage $s): array => ['stage' => $s->key(), 'order' => $s->sequence, ...self::order($revision, $s)], array_values($stages));
    }

    /** @return array{faults: list<string>, centre_out: bool, wander_mm: string, arrangement: string} */
    private static function order(Revision $revision, Stage $stage): array
    {
        $judge = new SequenceJudge(array_values(array_filter($revision->map->positions, fn ($p): bool => in_array($p->key, $stage->sequence, true))));
        $report = $judge->judge($stage->sequence);

        return ['faults' => $report->faults(), 'centre_out' => $report->centreOut, 'wander_mm' => (string) $report->wander->inBase(), 'arrangement' => $judge->arrangement->value];
    }

    /**
     * Gaps that no figure depends on – a reason, a source, a window not decided yet – are filled in a copy, so that what
     * can be computed is shown while the rest is still being written. The problems remain those of the document.
     *
     * @param  array<mixed>  $document
     * @param  list<Problem>  $problems
     */
    private static function mended(array $document, array $problems): self
    {
        [$left, $written] = [$problems, $document];
        for ($i = 0; $i < self::MOST_MENDINGS; $i++) {
            $before = $document;
            foreach ($left as $problem) {
                $document = self::mend($document, $problem);
            }
            if ($document === $before) {
                break;
            }
            try {
                return new self($problems, DocumentReader::read($document), $document, $written);
            } catch (InvalidDocument $e) {
                $left = $e->problems;
            }
        }

        return new self($problems, null, [], $written);
    }

    /**
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private static function mend(array $document, Problem $problem): array
    {
        $path = explode('/', substr($problem->pointer, 1));
        $field = end($path);
        if (! in_array($field, ['why', 'target_source', 'window_source', 'low', 'sources', 'surfaces', 'aim_evidence', 'window_standard', 'threshold', 'says', 'looks', 'risk_class', 'reuse', 'condition'], true)) {
            return $document;
        }
        if ($field === 'sources') {
            $document['sources'] ??= [];
            $document['sources'] = $document['sources'] === [] ? [['key' => 'gap', 'kind' => 'engine_maker', 'title' => '–', 'edition' => '–', 'date' => '–', 'page' => '–']] : $document['sources'];

            return $document;
        }
        if ($field === 'surfaces') {
            return ['surfaces' => [['surface' => 'threads', 'condition' => 'dry']]] + $document;
        }
        $parent = implode('.', array_slice($path, 0, -1));
        // What nobody has said is taken at its strictest, so that what is computed meanwhile promises nothing.
        $strictest = ['risk_class' => 'A', 'reuse' => 'never', 'condition' => 'dry'][$field] ?? null;
        if ($strictest !== null) {
            data_set($document, implode('.', $path), $strictest);

            return $document;
        }
        if ($field === 'threshold') {
            data_set($document, "$parent.threshold", '1 N·m');

            return $document;
        }
        if ($field === 'low' || $field === 'window_standard') {
            data_forget($document, "$parent.window_standard");
            data_set($document, "$parent.tolerance", '100 %');
        } else {
            $sources = array_filter((array) data_get($document, 'sources.*.key'), is_string(...));
            data_set($document, "$parent.$field", in_array($field, ['why', 'aim_evidence', 'says', 'looks'], true) ? '–' : array_values($sources)[0] ?? 'gap');
        }

        return $document;
    }
}
