<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageKinds\StageOwn;

/** What a run must know of a stage, once it is expanded. Kept in the plan as the document wrote it. */
final readonly class StageRules
{
    /** What every kind may say, besides what its declaration adds. */
    private const IN_PLAN = ['key', 'kind', 'motion', 'shortfall', 'redo', 'loading', 'trial', 'evidence', 'needs', 'within', 'name', 'fit', 'remove', 'second_look', 'reaction'];

    /** @param  array<string, mixed>  $planFields */
    private function __construct(
        public string $key,
        public StageKind $kind,
        public MotionRules $motion,
        public ResultRules $result,
        public WaitingRules $waiting,
        public StageOwn $own,
        private array $planFields,
    ) {
    }

    /**
     * @param  list<string>  $before  keys of the stages before this one
     * @param  list<string>  $checks  keys of the checks
     */
    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $f->optionalString('reaction');
        $kind = StageKind::from($f->oneOf('kind', array_column(StageKind::cases(), 'value')));

        return new self(
            $f->string('key'), $kind,
            MotionRules::read($f, $kind), ResultRules::read($f, $kind), WaitingRules::read($f, $before), $kind->read($f, $before, $checks),
            $f->slice([...self::IN_PLAN, ...$kind->declaration()->planFields()]),
        );
    }

    /** As the document calls the round; null where it is named by what it does. */
    public function name(): ?string
    {
        return is_string($this->planFields['name'] ?? null) ? $this->planFields['name'] : null;
    }

    /** What takes the reaction of the tool, as the document says; null where it says nothing. */
    public function reaction(): ?string
    {
        return is_string($this->planFields['reaction'] ?? null) ? $this->planFields['reaction'] : null;
    }

    /** Does the document say which evidence it takes, or does the kind of round decide? */
    public function saysEvidence(): bool
    {
        return isset($this->planFields['evidence']);
    }

    /** Two people work at it: one tightens, one holds. */
    public function people(): int
    {
        return $this->own->people();
    }

    public function passes(): int
    {
        return $this->own->passes();
    }

    /** What it has one step for. */
    public function per(): Per
    {
        return match (true) {
            $this->kind->isPerPosition() => Per::Position,
            $this->own instanceof CheckStage => $this->own->per,
            default => Per::Joint,
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
