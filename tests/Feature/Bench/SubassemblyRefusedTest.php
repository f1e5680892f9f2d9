<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Record\Models\Fitting;
use App\Record\Models\Subject;
use PHPUnit\Framework\Attributes\DataProvider;

/** What cannot be fitted, taken off or numbered is refused in a sentence, and nothing is changed. */
final class SubassemblyRefusedTest extends SubassemblyTestCase
{
    public function test_only_what_is_finished_and_in_no_engine_goes_in(): void
    {
        $block = $this->block();
        $this->exchange(['fit' => $block])->assertStatus(409)->assertJsonPath('detail', 'Short block SB-0007 is not finished; every joint that it carries is recorded first.')->assertJsonPath('field', 'fit');
        $this->tightened($block);
        $this->world->desk('lead', 'POST', "builds/$block/finish")->assertNoContent();
        $this->exchange(['fit' => $block])->assertNoContent();

        $this->exchange(['fit' => $block], $this->world->build('TN3-26-0002'))->assertStatus(409)->assertJsonPath('detail', 'Short block SB-0007 is in TN3-26-0001.');
        $this->exchange(['fit' => $block, 'why' => self::WHY])->assertNoContent();
        self::assertSame(2, Fitting::query()->count(), 'the same one goes back in');
    }

    public function test_what_is_another_customers_or_has_left_does_not_go_in(): void
    {
        $theirs = $this->ready('SB-0008', 'Lantern Bay Ferries');
        $this->exchange(['fit' => $theirs])->assertStatus(409)->assertJsonPath('detail', 'Short block SB-0008 is Lantern Bay Ferries’s.');
        $gone = $this->ready('SB-0009');
        $this->world->desk('lead', 'POST', "builds/$gone/ship")->assertNoContent();
        $this->exchange(['fit' => $gone])->assertStatus(409)->assertJsonPath('detail', 'Short block SB-0009 has left the house.');
        $this->exchange(['fit' => $this->ready('SB-0010', 'Skerry Dredging')])->assertNoContent();
    }

    public function test_what_is_no_such_subassembly_is_refused(): void
    {
        $this->exchange(['fit' => $this->engine])->assertStatus(422)->assertJsonPath('detail', 'That is no short block for this engine.')->assertJsonPath('field', 'fit');
        $this->exchange([])->assertStatus(422)->assertJsonPath('detail', 'Nothing of TN3-26-0001 is recorded as short block: nothing can come off. Choose what goes in.');
        $this->exchange(['fit' => $this->engine], kind: 'Gearbox')->assertStatus(422)->assertJsonPath('detail', 'TN3-26-0001 has no subassembly "Gearbox".')->assertJsonPath('field', 'kind');
        $block = $this->ready();
        $this->exchange(['fit' => $block], $block)->assertStatus(409);
        $this->exchange(['fit' => $block], $this->block('SB-0011'))->assertStatus(422)->assertJsonPath('detail', 'Short block SB-0011 has no subassembly "Short block".');
    }

    public function test_nothing_comes_off_while_somebody_has_a_joint_of_it_in_hand(): void
    {
        $job = $this->world->job($this->engine);
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101'])->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001 hangs on Rafe Ondling’s hook; take it back first.');
        $this->world->bench()->begin($job);
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101'])->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001 is in Rafe Ondling’s hands; it is worked to its signature, or opened again, first.');
        self::assertNull(Subject::query()->where('serial', 'SB-0101')->first(), 'no number was given');
    }

    public function test_none_goes_in_beneath_what_holds_it_and_was_begun(): void
    {
        $this->carries(['Cylinder head' => 'Head'], ['Main caps' => 'Head'])->assertNoContent();
        $head = (string) $this->world->desk('lead', 'POST', 'subassemblies', ['family' => 'TN3', 'kind' => 'Head', 'serial' => 'HD-1'])->assertCreated()->json('id');
        $this->onPaper($head, 'Cylinder head');
        $this->world->desk('lead', 'POST', "builds/$head/finish")->assertNoContent();
        $this->tightened($this->engine);

        $this->exchange(['fit' => $head], kind: 'Head')->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001 was begun without it. It is opened again first.');
    }

    /** @return array<string, array{array<string, string|null>, string, string}> */
    public static function badNumbers(): array
    {
        return [
            'no number' => [['serial' => ''], 'serial', 'Give it a number of its own: what is stamped on it, or a tag.'],
            'too long' => [['serial' => str_repeat('7', 41)], 'serial', 'A number has at most 40 characters.'],
            'an engine’s' => [['serial' => 'tn3-26-0001 '], 'serial', 'TN3-26-0001 is another one’s number: TN3-26-0001, on a stand.'],
            'another kind' => [['kind' => 'Gearbox'], 'kind', 'An engine of Tarn TN3 has no subassembly "Gearbox". It has: Short block.'],
            'another family' => [['family' => 'XX9'], 'family', 'The library has no engine family XX9.'],
            'nobody’s' => [['customer' => 'none'], 'customer', 'Choose the customer whose it is, or nobody: then it is the shop’s own.'],
        ];
    }

    /** @param  array<string, string|null>  $change */
    #[DataProvider('badNumbers')]
    public function test_a_number_that_cannot_be_is_refused_at_its_field(array $change, string $field, string $says): void
    {
        $this->world->desk('lead', 'POST', 'subassemblies', $change + ['family' => 'TN3', 'kind' => 'Short block', 'serial' => 'SB-1'])->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $says);
        self::assertSame(0, Subject::query()->where('subassembly', '!=', '')->count());
    }

    public function test_a_number_is_given_once_though_it_is_sent_twice(): void
    {
        $body = ['family' => 'TN3', 'kind' => 'Short block', 'serial' => 'SB-1', 'id' => '0199b6f2-0000-7000-8000-000000000001'];
        $first = $this->world->desk('lead', 'POST', 'subassemblies', $body)->assertCreated()->json('id');
        self::assertSame($first, $this->world->desk('lead', 'POST', 'subassemblies', $body)->assertCreated()->json('id'));
        $this->world->desk('lead', 'POST', 'subassemblies', ['id' => null] + $body)->assertStatus(422)->assertJsonPath('detail', 'SB-1 is another one’s number: Short block SB-1, on a stand.');
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-1'])->assertStatus(422);
    }

    public function test_what_a_family_carries_in_what_is_said_of_its_own_joints_and_stays_once_one_is_on_record(): void
    {
        $this->carries(['none' => 'Head'])->assertStatus(422)->assertJsonPath('detail', 'This family has no such joint.');
        $this->carries([], ['Flywheel' => 'Head'])->assertStatus(422)->assertJsonPath('detail', 'Flywheel holds "Head", in which no joint is carried. Say which are.');
        $this->carries(['Main caps' => 'Head'], ['Main caps' => 'Head'])->assertStatus(422)->assertJsonPath('detail', 'Main caps is carried in "Head"; what holds a subassembly to the engine is the engine’s own.');
        $this->block();
        $this->carries(['Main caps' => 'Short block', 'Flywheel' => 'Short block'])->assertStatus(409)->assertJsonPath('detail', 'Short block SB-0007 is on record with what it carries; that stays as it is.');
        $this->carries(['Main caps' => 'Short block', 'Flywheel' => 'Tail'])->assertNoContent();
    }

    public function test_an_engine_to_which_one_was_fitted_is_not_called_off(): void
    {
        $this->exchange(['fit' => $this->ready()])->assertNoContent();

        $this->world->desk('lead', 'POST', "builds/$this->engine/call-off", ['reason' => 'Wrong'])->assertStatus(409)->assertJsonPath('type', 'tekkal:run-begun');
    }

    public function test_a_customers_reader_sees_what_is_in_an_own_engine_and_not_where_it_has_been(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();

        $this->world->desk('reader', 'GET', "audit/$this->engine")->assertOk()->assertJsonPath('joints.0.within.title', 'Short block SB-0007')->assertJsonCount(16, 'joints.0.lines');
        $this->world->desk('reader', 'GET', "builds/$block")->assertStatus(404);
        $this->world->desk('crib', 'POST', 'subassemblies', [])->assertStatus(403);
    }
}
