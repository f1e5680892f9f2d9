<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Caller;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** A trainee works under a supervisor signed in on the same run, and both sign: common practice, no source. */
final class SupervisionTest extends TestCase
{
    public function test_nothing_is_called_for_before_a_supervisor_has_signed_in(): void
    {
        $bench = self::trainee();

        self::assertSame(['supervisor'], self::dos($bench));
        self::assertSame('You work under a supervisor here: torque on HG4. One who may do it alone stands beside you.', $bench->advice()->nextActions()[0]->sentence);
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::assertSame(['step run_down:n1:1'], $bench->ways());
    }

    public function test_nobody_supervises_themselves(): void
    {
        self::assertSame(SetAsideReason::OwnWork, self::trainee()->does('supervisor_joined', ['supervisor' => 'ann'])->reason);
    }

    public function test_whoever_may_do_it_alone_is_asked_for_nobody(): void
    {
        $bench = new Bench('13-prevailing-added');

        self::assertSame(['step run_down:n1:1'], $bench->ways());
        self::done($bench);
        self::assertSame(['finish'], self::dos($bench));
    }

    public function test_what_was_pulled_while_nobody_stood_beside_it_counts_and_is_found(): void
    {
        $bench = self::trainee();
        $outcome = $bench->reads('run_down:n1:1', '2 lbf·ft');

        self::assertTrue($outcome->isApplied(), 'what happened is never refused');
        self::assertSame([FindingKind::Unsupervised], self::found($outcome));
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::assertSame([], self::found($bench->reads('run_down:n2:1', '2 lbf·ft')));
        self::assertSame(['run_down:n1:1'], $bench->fold->supervision->unseen());
    }

    public function test_what_is_done_again_under_their_eyes_is_seen(): void
    {
        $bench = self::trainee();
        $bench->reads('run_down:n1:1', '2 lbf·ft');
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        $bench->does('loosened', ['positions' => ['n1']]);
        $bench->reads('run_down:n1:1', '2 lbf·ft');

        self::assertSame([], $bench->fold->supervision->unseen());
    }

    public function test_at_the_end_both_sign_the_supervisor_first(): void
    {
        $bench = self::trainee();
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::done($bench);

        self::assertSame(['supervisor_signs'], self::dos($bench));
        self::assertContains('Whoever stood beside it has not signed (torque on HG4).', $bench->fold->whyNotFinish());
        self::assertSame(SetAsideReason::PartnerMissing, $bench->does('supervisor_signed', ['supervisor' => 'di', 'meaning' => 'I saw it.'])->reason, 'who signs is who stood there');
        $bench->does('supervisor_signed', ['supervisor' => 'cy', 'meaning' => 'I saw it.']);
        self::assertSame(['finish'], self::dos($bench));
        self::assertSame([], $bench->fold->whyNotFinish());
    }

    public function test_what_they_did_not_see_they_do_not_sign_for(): void
    {
        $bench = self::trainee();
        $bench->reads('run_down:n1:1', '2 lbf·ft');
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::done($bench, ['n2']);
        $call = (new Caller($bench->fold, ShopRack::good()))->call()->toArray();

        self::assertSame(['Your supervisor signs', '“I stood beside it and saw it done, except no. 1.”'], [$call['title'], $call['says'][0]]);
    }

    public function test_what_is_redone_after_the_signature_is_signed_for_again(): void
    {
        $bench = self::trainee();
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::done($bench);
        $bench->does('supervisor_signed', ['supervisor' => 'cy', 'meaning' => 'I saw it.']);
        $bench->does('loosened', ['positions' => ['n1']]);

        self::assertTrue($bench->fold->supervision->isUnsigned());
    }

    public function test_who_leaves_or_finds_the_run_parked_signs_in_again(): void
    {
        foreach (['supervisor_left' => [], 'parked' => ['reason' => 'shift_over']] as $type => $content) {
            $bench = self::trainee();
            $bench->does('supervisor_joined', ['supervisor' => 'cy']);
            $bench->does($type, $content);
            self::assertTrue($bench->fold->supervision->isAlone(), $type);
        }
    }

    public function test_whether_its_new_hands_may_do_it_alone_is_asked_when_it_is_taken_over(): void
    {
        $bench = self::trainee();
        $bench->does('supervisor_joined', ['supervisor' => 'cy']);
        self::passes($bench, 'eve', null);
        self::assertSame(['step run_down:n1:1'], $bench->ways());

        self::passes($bench, 'fay', 'angle on HG4');
        self::assertSame(['supervisor'], self::dos($bench));
    }

    private static function trainee(): Bench
    {
        $bench = new Bench('13-prevailing-added');
        self::passes($bench, 'ann', 'torque on HG4');

        return $bench;
    }

    private static function passes(Bench $bench, string $to, ?string $supervised): void
    {
        $bench->fold->decide(EventTypes::read(array_filter(['type' => 'run_taken_over', 'person' => $to, 'device' => $bench->stamp()->device]) + $bench->clocks()), new Surroundings(beginning: new Beginning(supervised: $supervised)));
    }

    /** @param  list<string>  $runDown  nuts that are still to be run down */
    private static function done(Bench $bench, array $runDown = ['n1', 'n2']): void
    {
        foreach ($runDown as $nut) {
            $bench->reads("run_down:$nut:1", '2 lbf·ft');
        }
        foreach (['n1', 'n2'] as $nut) {
            $bench->reads("full:$nut:1", '17 lbf·ft');
        }
        $bench->does('final_look');
    }

    /** @return list<string> */
    private static function dos(Bench $bench): array
    {
        return array_column($bench->advice()->nextActions(), 'do');
    }

    /** @return list<FindingKind> */
    private static function found(Outcome $outcome): array
    {
        return array_values(array_map(fn (Found $f): FindingKind => $f->kind, array_filter($outcome->effects, fn ($e): bool => $e instanceof Found && $e->kind === FindingKind::Unsupervised)));
    }
}
