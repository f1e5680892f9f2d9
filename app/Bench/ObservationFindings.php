<?php

declare(strict_types=1);

namespace App\Bench;

use App\Record\Models\Run;
use DateTimeImmutable;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\ReadingSource;

/** What the server alone knows and somebody should look at in what a bench saw, though it is taken. */
final readonly class ObservationFindings
{
    /** A device's clock may be a little ahead of what its batch says of it. */
    private const AHEAD_S = 5;

    private const LATE_HOURS = 72;

    public function __construct(private Run $run, private Received $received)
    {
    }

    /** @return list<Found> */
    public function of(Event $event, ?ReadingSource $source): array
    {
        $claimed = $event instanceof ReadingTaken ? $event->source : null;
        $sentences = array_filter([
            FindingKind::SourceDoubted->value => $claimed !== null && $source !== $claimed ? sprintf('The bench said that it came from "%s"; no such tool is connected here, so it counts as typed.', $claimed->value) : null,
            FindingKind::AfterSitting->value => $this->received->sitting->isLate($this->received->observation->deviceSeq, now()->toImmutable()) ? 'It came after the sitting was closed, or more than 72 h after its end.' : null,
            FindingKind::NotHolder->value => $this->run->person !== $this->received->sitting->person ? 'It was done by somebody else than the one in whose hands the run was.' : null,
            FindingKind::TimeDoubtful->value => $this->doubtfulTime(),
        ]);

        return array_map(fn (string $kind, string $sentence): Found => new Found(FindingKind::from($kind), $sentence), array_keys($sentences), $sentences);
    }

    private function doubtfulTime(): ?string
    {
        // In seconds and their parts, for it is asked of every reading.
        $clock = self::seconds($this->received->byItsClock());
        $now = self::seconds(now()->toImmutable());

        return match (true) {
            $clock > $now + self::AHEAD_S => 'By the clock of the bench it was done after it was sent.',
            $clock < self::seconds($this->run->begun_at) - self::AHEAD_S => 'By the clock of the bench it was done before the run began.',
            $clock < $now - self::LATE_HOURS * 3600 => sprintf('By the clock of the bench it was done %d days before it was sent.', intdiv((int) ($now - $clock), 86_400)),
            default => null,
        };
    }

    private static function seconds(DateTimeImmutable $instant): float
    {
        return (float) $instant->format('U.u');
    }
}
