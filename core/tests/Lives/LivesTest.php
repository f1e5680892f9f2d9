<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;

/**
 * Runs as they went before the second pass over the rules. How they were decided then stands in Decisions/golden, by version;
 * here their events and their plans, which today's core takes as they are and folds again to what it made of them.
 */
final class LivesTest extends TestCase
{
    #[DataProviderExternal(Life::class, 'all')]
    public function test_every_event_of_an_old_life_is_decided_by_todays_rules_and_replays_as_it_was_decided(string $name): void
    {
        $life = Life::read($name);
        [$live, $replay, $told] = [new RunFold($life->plan()), new RunFold($life->plan()), new FirstFormat($life->plan())];
        foreach ($life->lines as $line) {
            $event = EventTypes::read($told->told($line['event']));
            $outcome = $live->decide($event);
            $replay->apply($event->stamp, Outcome::fromBody($outcome->toBody()));
        }

        self::assertCount(count($life->lines), array_filter($life->lines, fn (array $l): bool => $l['outcome'] !== []));
        self::assertSame(CanonicalJson::encode(StateCodec::toBody($live->state)), CanonicalJson::encode(StateCodec::toBody($replay->state)));
    }

    /** A run pins the plan that it was begun under; a newer expansion of the same document changes nothing for it. */
    #[DataProvider('documents')]
    public function test_no_byte_of_a_stored_plan_changes(string $document, string $plan): void
    {
        self::assertSame($document, hash('sha256', Life::bytes("$document.document")));
        self::assertSame($plan, hash('sha256', PlanReader::fromBytes(Life::bytes("$plan.plan"))->bytes()));
    }

    /** What the first expansion wrote down stands in the second; it says more, and nothing else. */
    #[DataProvider('documents')]
    public function test_a_newer_expansion_has_every_step_of_the_older_one_in_the_same_order(string $document, string $plan): void
    {
        $ids = fn (Plan $p): array => array_map(fn (Step $s): string => $s->id, $p->steps);
        [$older, $newer] = [PlanReader::fromBytes(Life::bytes("$plan.plan")), Expander::expand(DocumentReader::fromJson(Life::bytes("$document.document")))];

        self::assertSame($ids($older), array_values(array_intersect($ids($newer), $ids($older))));
        self::assertSame([], array_filter(array_diff($ids($newer), $ids($older)), fn (string $id): bool => ! $newer->step($id)->isConditional()));
    }

    /** @return iterable<string, array{string, string}> */
    public static function documents(): iterable
    {
        $plans = [];
        foreach (Life::all() as [$name]) {
            $head = Life::read($name)->head;
            $plans[$head['document']] = [$head['document'], $head['plan']];
        }

        return $plans;
    }

    public function test_there_is_a_life_with_each_kind_of_stage(): void
    {
        $kinds = [];
        foreach (Life::all() as [$name]) {
            $life = Life::read($name);
            array_push($kinds, ...array_map(fn ($step): string => $step->kind->value, $life->plan()->steps));
        }

        self::assertSame([], array_values(array_diff(array_column(StageKind::cases(), 'value'), $kinds)));
    }
}
