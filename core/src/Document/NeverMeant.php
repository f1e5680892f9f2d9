<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\TurnStage;

/**
 * What can never be meant, and bars the signature: an angle that nothing is counted from, a joint that is left loose. It is
 * asked of who signs and not of who reads, so that what is stored is read for ever.
 */
final readonly class NeverMeant
{
    private function __construct(private Revision $revision)
    {
    }

    /** @return list<string> sentences; empty when it may be signed */
    public static function in(Revision $revision): array
    {
        $look = new self($revision);

        return [...$look->anglesFromNothing(), ...($revision->purpose === Purpose::Tightening ? $look->leftLoose() : []), ...(new NeverMeantBeside($revision))->sentences()];
    }

    /** @return list<string> */
    private function anglesFromNothing(): array
    {
        $reached = $why = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $kind = $stage->rules->kind;
            $counts = $kind === StageKind::Turn && ! ($stage->rules->own instanceof TurnStage && $stage->rules->own->fromThreshold);
            $from = $counts ? array_values(array_filter($stage->sequence, fn (string $p): bool => ($reached[$p] ?? false) === false)) : [];
            if ($from !== []) {
                $why[] = sprintf('%s: %s is turned by an angle with no torque since it was loosened, so that nobody knows from where it is counted.', $this->round($i, $stage), $this->revision->named($from));
            }
            foreach ($kind === StageKind::Loosen || $kind->reachesTorque() ? $stage->sequence : [] as $position) {
                $reached[$position] = $kind !== StageKind::Loosen;
            }
        }

        return $why;
    }

    /** @return list<string> of positions whose last round, but for trials, loosens them */
    private function leftLoose(): array
    {
        $last = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $acts = $stage->rules->kind === StageKind::Loosen || $stage->rules->kind->turnsBolt();
            foreach ($acts ? $stage->sequence : [] as $position) {
                $last[$position] = [$i, $stage];
            }
        }
        $loose = [];
        foreach ($last as $position => [$i, $stage]) {
            if ($stage->rules->kind === StageKind::Loosen && ! $stage->rules->result->trial) {
                $loose[$this->round($i, $stage)][] = (string) $position;
            }
        }

        return array_map(fn (string $round, array $positions): string => sprintf('%s leaves %s loose, and no round tightens it again.', $round, $this->revision->named($positions)), array_keys($loose), $loose);
    }

    private function round(int $at, Stage $stage): string
    {
        return sprintf('Round %d%s', $at + 1, $stage->name === null ? '' : " “{$stage->name}”");
    }
}
