<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Ledger\Stream;
use App\Record\Queries\RunHistory;
use Tekkal\Core\Run\Event\EventTypes;
use Tests\Feature\CommittedTestCase;

/** Whatever a bench may see, screens or none: each comes in, is decided, and is told by every page that tells the run. */
final class EveryObservationTest extends CommittedTestCase
{
    private const STAMP = ['id', 'run', 'subject', 'sitting', 'device_seq', 'base_seq', 'device_time', 'mono_ms', 'clock'];

    private const SERVER = ['person', 'device', 'partner', 'skew_ms', 'taken_at', 'reason_hash'];

    public function test_every_observation_is_taken_in_and_stands_in_the_record_as_it_was_sent(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        $sent = [];
        foreach (self::observations() as $content) {
            foreach ([$this->here($content), $this->elsewhere($content)] as $observation) {
                $observation += $bench->observation($observation['type']);
                $standing = $bench->send($observation)->assertOk()->json('outcomes.0.standing');
                self::assertContains($standing, ['applied', 'set_aside'], $observation['type']);
                $sent[$observation['id']] = $observation;
            }
        }

        $stored = [];
        foreach (Stream::entries(RunHistory::stream($bench->run)) as $entry) {
            $stored[$entry->id()] = array_diff_key($entry->event(), array_flip(self::SERVER));
        }
        foreach ($sent as $id => $observation) {
            self::assertEquals(array_diff_key($observation, ['device_seq' => 0]), array_diff_key($stored[$id], ['device_seq' => 0]));
        }
        $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'GET', "bench/runs/$bench->run")->assertOk();
        $this->world->desk('lead', 'GET', "audit/$build")->assertOk();
        $this->sequence();
        self::assertSame([], $this->verify()->sentences());
    }

    /** @return iterable<string, array<string, mixed>> one of each type with all that it may hold, without its stamp */
    private static function observations(): iterable
    {
        foreach (EventTypes::all() as $type => $class) {
            if (! $class::declaration()->isCommand) {
                $golden = (array) json_decode((string) file_get_contents(base_path("core/tests/Run/golden/events/$type.1.json")), true);
                yield $type => array_diff_key($golden, array_flip([...self::STAMP, ...self::SERVER]));
            }
        }
    }

    /**
     * @param  array<string, mixed>  $content
     * @return array<string, mixed> with positions and steps of the joint at hand
     */
    private function here(array $content): array
    {
        return (array) json_decode(strtr((string) json_encode($this->elsewhere($content)), ['"a1"' => '"c2a"', '"b1"' => '"c3b"', 'snug:a1:1' => 'snug:c2a:1', 'snug:b1:1' => 'snug:c3b:1']), true);
    }

    /**
     * @param  array<string, mixed>  $content
     * @return array<string, mixed> with positions and steps that nobody knows here
     */
    private function elsewhere(array $content): array
    {
        return (array) json_decode(strtr((string) json_encode($content), ['"W1"' => '"'.$this->world->tools['TW-04'].'"', '"W2"' => '"'.$this->world->tools['AG-02'].'"']), true);
    }
}
