<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Run\Event\EventTypes;

/**
 * A run beside a screen: the same fold and the same rules as on the server, with texts in and out, so that whoever runs PHP
 * beside a page needs to know nothing of the core. What it decides is what the server will, and the server decides again.
 */
final readonly class Beside
{
    private function __construct(private RunFold $run)
    {
    }

    /** @param  string  $plan  the canonical bytes that the run pins */
    public static function begin(string $plan): self
    {
        return new self(new RunFold(PlanReader::fromBytes($plan)));
    }

    /** What the server recorded: an event, its outcome and its number, as JSON. */
    public function tell(string $recorded): void
    {
        $told = (array) json_decode($recorded, true);
        $seq = $told['seq'] ?? null;
        $this->run->apply(EventTypes::stampOfStored((array) ($told['event'] ?? [])), Outcome::fromBody((array) ($told['outcome'] ?? [])), is_int($seq) ? $seq : null);
    }

    /**
     * Decides about what is happening here, and goes on with it.
     *
     * @param  string  $event  as it will be sent, with who and when, as JSON
     * @return string the outcome, canonical JSON
     */
    public function decide(string $event): string
    {
        return CanonicalJson::encode($this->run->decide(EventTypes::read((array) json_decode($event, true)))->toBody());
    }

    /** @return string the registers, canonical JSON: equal bytes, equal states */
    public function state(): string
    {
        return CanonicalJson::encode(StateCodec::toBody($this->run->state));
    }
}
