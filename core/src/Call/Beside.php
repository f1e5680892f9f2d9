<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Run\Surroundings;

/**
 * A run beside a screen: the same fold and the same rules as on the server, with texts in and out, so that whoever runs PHP
 * beside a page needs to know nothing of the core. What it decides is what the server will, and the server decides again.
 */
final class Beside
{
    private RunFold $run;

    private ?Rack $rack = null;

    /** @var array<mixed> what the rack was made of */
    private array $tools = [];

    private function __construct(private readonly Plan $plan)
    {
        $this->run = new RunFold($plan);
    }

    /** @param  string  $plan  the canonical bytes that the run pins */
    public static function begin(string $plan): self
    {
        return new self(PlanReader::fromBytes($plan));
    }

    /** @param  string  $where  where the server has it: {"state": registers, "rack": the tools of the crib}, as JSON */
    public function stand(string $where): void
    {
        $told = (array) json_decode($where, true);
        $this->run = new RunFold($this->plan, StateCodec::fromBody((array) ($told['state'] ?? [])));
        $tools = (array) ($told['rack'] ?? []);
        if ($this->rack === null || $tools !== $this->tools) {
            // What was found of each tool is kept with it: the same crib is not looked through again.
            [$this->rack, $this->tools] = [Rack::fromBody($tools), $tools];
        }
    }

    /**
     * Decides about what is happening here, and goes on with it.
     *
     * @param  string  $event  as it will be sent, with who and when, as JSON
     * @return string the outcome, canonical JSON
     */
    public function decide(string $event): string
    {
        $read = EventTypes::read((array) json_decode($event, true));
        $crib = $this->rack === null ? null : new ToolFindings($this->run, $this->rack);

        return CanonicalJson::encode($this->run->decide($read, new Surroundings(found: [...$crib?->of($read) ?? [], ...(new StopFindings($this->run, $this->rack->stops ?? []))->of($read)], tool: $crib?->code($read)))->toBody());
    }

    /** @return string what it came to and what the bench shows then, JSON: {"outcome": …, "view": …} */
    public function take(string $event): string
    {
        return '{"outcome":'.$this->decide($event).',"view":'.$this->view().'}';
    }

    /** @return string what the bench shows now, JSON */
    public function view(): string
    {
        return self::json((new BenchView($this->run, $this->rack()))->toArray());
    }

    /** @return string where it can next be left, as a sentence; empty where nothing is left to do */
    public function leave(): string
    {
        return (string) (new Leaving($this->run, $this->rack()->known))->sentence();
    }

    /** @return string what may be said to be wrong now, JSON */
    public function mishaps(): string
    {
        return self::json((new Mishaps($this->run, $this->rack()))->toArray());
    }

    /**
     * @param  string  $said  {"key": …, "position": …, "choice": …, "now": the stamp of whoever asks}, as JSON
     * @return string what it would come to, JSON; nothing is done
     */
    public function weigh(string $said): string
    {
        $told = (array) json_decode($said, true);
        $text = fn (string $key): ?string => is_string($told[$key] ?? null) ? $told[$key] : null;
        $mishap = Mishap::tryFrom($text('key') ?? '') ?? throw new CallException('Nothing of that kind is known here.', 'key', $text('key') ?? '', 'one of the tiles');

        return self::json((new Mishaps($this->run, $this->rack()))->weigh($mishap, $text('position'), $text('choice'), array_filter((array) ($told['now'] ?? []), is_string(...), ARRAY_FILTER_USE_KEY)));
    }

    /** @return string the registers, canonical JSON: equal bytes, equal states */
    public function state(): string
    {
        return CanonicalJson::encode(StateCodec::toBody($this->run->state));
    }

    /** @param  array<string, mixed>  $of */
    private static function json(array $of): string
    {
        return json_encode($of, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private function rack(): Rack
    {
        return $this->rack ?? throw new CallException('Nobody has said which tools there are.', 'rack', '', 'the tools of the crib');
    }
}
