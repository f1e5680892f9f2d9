<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plan;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanFigures;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Plan\Step;

/**
 * Every example of the language against a plan that was written by hand from its sentence, before the expander was run on
 * it. The sentences are common practice, no source, and stand in the files.
 */
final class GoldenPlanTest extends TestCase
{
    private const EXAMPLES = __DIR__.'/../../../docs/formats/examples/';

    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        foreach (glob(__DIR__.'/golden/*.plan') ?: [] as $file) {
            yield basename($file, '.plan') => [basename($file, '.plan')];
        }
    }

    #[DataProvider('cases')]
    public function test_the_plan_is_the_sentence_written_out(string $case): void
    {
        [$revision, $plan] = $this->expanded($case);

        self::assertSame($this->expected($case)['plan'], $this->written($plan));
        self::assertSame($this->expected($case)['open'], implode(' ', $revision->whyNotApprovable()));
    }

    #[DataProvider('cases')]
    public function test_results_people_and_new_fasteners_are_counted_as_by_hand(string $case): void
    {
        [$revision, $plan] = $this->expanded($case);
        $expected = $this->expected($case);
        $figures = new PlanFigures($revision, $plan);
        $results = $figures->results();
        $stage = fn (string $key, array $r): string => $key.' '.($r['least'] === $r['most'] ? $r['least'] : "$r[least]..$r[most]");
        $new = $figures->newFasteners();

        self::assertSame($expected['results'], implode(', ', array_map($stage, array_keys($results), $results)));
        self::assertSame($expected['total'], array_sum(array_column($results, 'least')).'..'.array_sum(array_column($results, 'most')));
        self::assertSame($expected['people'], (string) $figures->people());
        self::assertSame($expected['new'], $new === [] ? 'none' : implode(', ', array_map(fn (string $type, int $count): string => "$type $count", array_keys($new), $new)));
    }

    #[DataProvider('cases')]
    public function test_a_stored_plan_is_read_back_to_the_same_bytes(string $case): void
    {
        [, $plan] = $this->expanded($case);

        self::assertSame($plan->bytes(), PlanReader::fromBytes($plan->bytes())->bytes());
    }

    public function test_every_example_has_its_plan_and_the_published_schema_admits_it(): void
    {
        $schema = json_decode((string) file_get_contents(self::EXAMPLES.'../procedure.schema.json'), flags: JSON_THROW_ON_ERROR);
        $files = glob(self::EXAMPLES.'*.json') ?: [];
        self::assertGreaterThanOrEqual(20, count($files));
        foreach ($files as $file) {
            self::assertFileExists(__DIR__.'/golden/'.basename($file, '.json').'.plan');
            $result = (new Validator)->validate(json_decode((string) file_get_contents($file), flags: JSON_THROW_ON_ERROR), $schema);
            self::assertTrue($result->isValid(), basename($file).': '.json_encode($result->error()?->data()->fullPath()).' '.$result->error()?->message());
        }
    }

    /** @return array{Revision, Plan} */
    private function expanded(string $case): array
    {
        $revision = DocumentReader::fromJson((string) file_get_contents(self::EXAMPLES.$case.'.json'));

        return [$revision, Expander::expand($revision)];
    }

    /** @return array{results: string, total: string, people: string, new: string, open: string, plan: list<string>} */
    private function expected(string $case): array
    {
        $text = (string) file_get_contents(__DIR__."/golden/$case.plan");
        self::assertSame(1, preg_match('/\nresults: (.+)\ntotal: (.+)\npeople: (.+)\nnew: ([^\n]+)\n(?:not approvable: ([^\n]+)\n)?plan:\n(.+)\n$/Ds', $text, $m));

        return ['results' => $m[1], 'total' => $m[2], 'people' => $m[3], 'new' => $m[4], 'open' => $m[5], 'plan' => explode("\n", $m[6])];
    }

    /** @return list<string> steps of one stage and aim that follow each other in a line, as the files have them */
    private function written(Plan $plan): array
    {
        $lines = [];
        $last = null;
        foreach ($plan->steps as $step) {
            $head = $this->head($step);
            if ($head !== $last) {
                $lines[] = $head.':';
            }
            $lines[count($lines) - 1] .= ' '.$step->position;
            $last = $head;
        }

        return $lines;
    }

    private function head(Step $step): string
    {
        $goal = $step->goal();
        $text = $step->stage
            .match (true) {
                $step->rules->own instanceof LoosenStage => ' '.($step->rules->own->back?->typeset() ?? 'fully'),
                $goal?->target !== null => ' '.$goal->target->typeset(),
                $goal?->window !== null => ' -',
                default => '',
            }
            .($goal?->window === null ? '' : ' ['.$goal->window->typeset().']')
            .($step->kind->value === 'verification_pass' ? " pass $step->pass" : '');

        return str_replace("\u{A0}", ' ', $text);
    }
}
