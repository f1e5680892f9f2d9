<?php

declare(strict_types=1);

namespace Tests\Faults;

use RuntimeException;
use Symfony\Component\Uid\Uuid;

/**
 * A bench that keeps what it saw until it is acknowledged, as the bench's page does: it sends in the device's order,
 * sends again with the same ids when no answer came, and counts anew from where the server says there is a gap.
 */
final class BenchClient
{
    public readonly Http $desk;

    public readonly Http $bench;

    public string $run = '';

    public string $subject = '';

    public string $sitting = '';

    /** @var list<array<string, mixed>> the steps still to be done, as the plan tells them */
    public array $walk = [];

    /** @var list<array<string, mixed>> */
    public array $waiting = [];

    /** @var list<array<string, mixed>> what was acknowledged, in the order of sending */
    public array $acknowledged = [];

    /** @var list<string> ids of everything that was ever tried */
    public array $tried = [];

    /** @var array<string, string> id by quantity */
    private array $tools = [];

    private int $next = 1;

    private int $serial;

    public function __construct(private readonly string $base, private readonly int $number, private readonly string $badge = '1041')
    {
        $this->serial = random_int(0, 9_999);
        $this->desk = new Http($base, 30_000);
        $this->bench = new Http($base, 30_000);
    }

    /** Two browsers: a lead's, and a bench that the lead enrols. */
    public function signIn(): self
    {
        $lead = ['name' => 'lead', 'password' => 'fenmoor'];
        foreach ([$this->desk, $this->bench] as $browser) {
            $this->insist(fn (): array => $browser->get('session'));
            $this->insist(fn (): array => $browser->post('session', $lead));
        }
        $this->bench->must('devices', ['name' => "Fault bench $this->number"]);
        $this->bench->must('session/end', ['last_device_seq' => null]);
        $this->sitting = (string) $this->insist(fn (): array => $this->bench->post('session/bench', ['badge' => $this->badge, 'pin' => '314159']))['person']['sitting'];

        return $this;
    }

    /** An engine of its own, given to this bench's assembler, begun, with tools in hand. Tried until it is done. */
    public function newRun(): self
    {
        $choices = $this->insist(fn (): array => $this->desk->get('builds/choices'));
        $assemblers = ['1041' => 'Rafe Ondling', '1042' => 'Juno Castrel', '1043' => 'Milo Farrandel', '1044' => 'Edda Braskin'];
        $person = array_column($choices['assemblers'], 'id', 'name')[$assemblers[$this->badge]];
        $build = $this->openBuild($choices['customers'][0]['id']);
        $give = (string) Uuid::v7();
        $joint = $this->insist(fn (): array => $this->desk->get("builds/$build"))['joints'][0]['id'];
        $job = $this->insist(fn (): array => $this->desk->post("builds/$build/assignments", ['joint' => $joint, 'person' => $person, 'id' => $give]))['id'];
        $sheet = $this->command('bench/runs', ['assignment' => $job]);
        $this->run = (string) $sheet['id'];
        $this->subject = (string) $sheet['subject'];
        foreach (['torque' => 'TW-04', 'angle' => 'AG-02'] as $quantity => $code) {
            $offer = array_column($sheet['beside']['rack']['tools'], 'id', 'code')[$code];
            $this->keep($this->stamped('tool_taken') + ['quantity' => $quantity, 'tool' => $offer]);
            $this->tools[$quantity] = $offer;
        }
        $this->insist(fn (): array => [$this->flush() ? 200 : 0, []]);
        $plan = (string) $this->insist(fn (): array => $this->bench->get('bench/plans/'.$sheet['beside']['plan']))['plan'];
        $this->walk = json_decode($plan, true, flags: JSON_THROW_ON_ERROR)['steps'];
        $this->walk = array_map(fn (array $s): array => ['step' => self::step($s)] + $s, $this->walk);

        return $this;
    }

    /** A serial of its own; one that another client has taken is passed over. */
    private function openBuild(string $customer): string
    {
        do {
            $build = ['serial' => sprintf('TN3-%02d-%04d', 30 + $this->number % 50, ++$this->serial % 10_000), 'customer' => $customer, 'id' => (string) Uuid::v7()];
            $answer = $this->insist(function () use ($build): array {
                [$status, $answer] = $this->desk->post('builds', $build);

                return $status === 409 ? [200, []] : [$status, $answer];
            });
        } while ($answer === []);

        return (string) $answer['id'];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    public function command(string $path, array $body = []): array
    {
        $body += ['id' => (string) Uuid::v7(), 'base_seq' => 0, 'device_time' => gmdate('Y-m-d\TH:i:s.v\Z'), 'mono_ms' => (int) (hrtime(true) / 1e6), 'clock' => 'fault-client'];
        $answer = $this->insist(function () use ($path, $body): array {
            [$status, $answer] = $this->bench->post($path, ['device_seq' => $this->next] + $body);
            if ($status === 409 && ($answer['type'] ?? '') === 'tekkal:device-seq') {
                $this->next = (int) $answer['expected'];

                return [0, []];
            }

            return [$status, $answer];
        });
        $this->next++;

        return $answer;
    }

    /** @param  array<string, mixed>  $step  as a plan writes it */
    private static function step(array $step): string
    {
        return "$step[stage]:$step[position]:$step[pass]";
    }

    /**
     * The reading that the next step of the plan wants.
     *
     * @return array<string, mixed>
     */
    public function reading(?string $step = null, ?string $value = null): array
    {
        $line = array_values(array_filter($this->walk, fn (array $l): bool => $l['step'] === ($step ?? $this->walk[0]['step'])))[0];
        $torque = str_ends_with((string) $line['low'], 'N.m');
        $value ??= $torque ? sprintf('%.1f', ((float) $line['low'] + (float) $line['high']) / 2) : (string) (int) ((float) $line['low'] + 2);

        return $this->stamped('reading_taken') + [
            'step' => $line['step'], 'value' => $value.($torque ? ' N.m' : ' deg'), 'raw' => $value, 'tool' => $this->tools[$torque ? 'torque' : 'angle'], 'source' => 'typed',
            'device_says' => ['standing' => 'applied', 'verdict' => 'in'],
        ];
    }

    /** @return array<string, mixed> */
    public function stamped(string $type): array
    {
        return [
            'type' => $type, 'v' => 1, 'id' => (string) Uuid::v7(), 'run' => $this->run, 'subject' => $this->subject, 'sitting' => $this->sitting,
            'base_seq' => 1, 'device_time' => gmdate('Y-m-d\TH:i:s.v\Z'), 'mono_ms' => (int) (hrtime(true) / 1e6), 'clock' => 'fault-client',
        ];
    }

    /** Sees the next step's reading and keeps it. */
    public function observe(): void
    {
        $this->keep($this->reading());
        array_shift($this->walk);
    }

    /** @param  array<string, mixed>  $observation */
    public function keep(array $observation): void
    {
        $this->tried[] = (string) $observation['id'];
        $this->waiting[] = $observation + ['device_seq' => $this->next++];
    }

    /** One try at sending what waits. */
    public function flush(): bool
    {
        if ($this->waiting === []) {
            return true;
        }
        [$status, $answer] = $this->bench->post('bench/observations', $this->batch($this->waiting));
        if ($status === 419) {
            $this->bench->get('session');
            [$status, $answer] = $this->bench->post('bench/observations', $this->batch($this->waiting));
        }
        if ($status === 200) {
            foreach ($answer['outcomes'] as $i => $outcome) {
                $this->acknowledged[] = $outcome + ['device_seq' => $this->waiting[$i]['device_seq']];
            }
            $this->waiting = [];
        } elseif ($status === 409 && ($answer['type'] ?? '') === 'tekkal:device-seq') {
            $this->countAnew((string) $answer['id'], (int) $answer['expected']);
        } elseif (! in_array($status, [0, 429, 500, 502, 503, 504], true)) {
            throw new RuntimeException(sprintf('An authentic observation was refused with %d: %s', $status, json_encode($answer)));
        }

        return $status === 200;
    }

    /**
     * @param  list<array<string, mixed>>  $observations
     * @return array<string, mixed>
     */
    public function batch(array $observations): array
    {
        return ['sent_at' => gmdate('Y-m-d\TH:i:s.v\Z'), 'observations' => $observations];
    }

    public function next(): int
    {
        return $this->next;
    }

    public function used(int $numbers = 1): void
    {
        $this->next += $numbers;
    }

    private function countAnew(string $id, int $expected): void
    {
        $from = false;
        foreach ($this->waiting as $i => $reading) {
            $from = $from || $reading['id'] === $id;
            if ($from) {
                $this->waiting[$i]['device_seq'] = $expected++;
            }
        }
        $this->next = $expected;
    }

    /**
     * Tries until it is done. What the server answers with a sentence other than "not now" is a failure.
     *
     * @param  callable(): array{int, array<string, mixed>}  $try
     * @return array<string, mixed>
     */
    private function insist(callable $try): array
    {
        [$status, $answer] = [0, []];
        $done = Patience::until(function () use ($try, &$status, &$answer): bool {
            [$status, $answer] = $try();
            if ($status >= 300 && ! in_array($status, [429, 500, 502, 503, 504], true)) {
                throw new RuntimeException(sprintf('Refused with %d: %s', $status, json_encode($answer)));
            }
            usleep($status === 429 ? 1_000_000 : 50_000);

            return $status >= 200 && $status < 300;
        });

        return $done ? $answer : throw new RuntimeException(sprintf('Not done in time; the last answer was %d %s.', $status, json_encode($answer)));
    }
}
