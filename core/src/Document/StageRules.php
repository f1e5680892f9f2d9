<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** What a run must know of a stage, once it is expanded. Kept in the plan as the document wrote it. */
final readonly class StageRules
{
    private const IN_PLAN = [
        'key', 'kind', 'motion', 'shortfall', 'redo', 'loading', 'trial', 'evidence', 'needs', 'within', 'threshold', 'counted', 'held',
        'method', 'ceiling', 'one_zero_within', 'repeat_at_most', 'at_least', 'at_most', 'check', 'per', 'prevailing', 'prevailing_from', 'back',
    ];

    private const METHODS = [
        'stretch' => ['absolute', 'comparator'],
        'residual_torque' => ['first_movement', 'further_turn', 'loosen_and_retighten'],
    ];

    /** A verification pass that still moves a fastener at its ninth repeat is a fault, not a pass. */
    private const MOST_PASSES = 9;

    /**
     * @param  list<string>  $needs  keys of stages that must be complete before
     * @param  array{seconds: int, after: string}|null  $within
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public StageKind $kind,
        public bool $oneMotion,
        public bool $mayContinue,
        public Scope $redo,
        public bool $loading,
        public bool $trial,
        public Attestation $evidence,
        public array $needs,
        public ?array $within,
        public ?Written $threshold,
        public ?Held $held,
        public ?string $method,
        public ?Written $ceiling,
        public ?Written $oneZeroWithin,
        public int $passes,
        public ?Duration $atLeast,
        public ?Duration $atMost,
        public ?string $check,
        public Per $per,
        public ?string $prevailingFrom,
        public ?Written $back,
        private array $planFields,
    ) {
    }

    /**
     * @param  list<string>  $before  keys of the stages before this one
     * @param  list<string>  $checks  keys of the checks
     */
    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $kind = StageKind::from($f->oneOf('kind', array_column(StageKind::cases(), 'value')));
        $check = $kind === StageKind::Check ? $f->oneOf('check', $checks) : null;

        return new self(
            $f->string('key'),
            $kind,
            self::oneMotion($f, $kind),
            $f->oneOf('shortfall', ['continue', 'back_off'], 'back_off') === 'continue',
            Scope::from($f->oneOf('redo', array_column(Scope::cases(), 'value'), Scope::Position->value)),
            $kind->tightens() && $f->boolean('loading'),
            $f->boolean('trial'),
            self::evidence($f, $kind),
            $f->namesOf('needs', $before, 'an earlier stage'),
            self::within($f, $before),
            self::threshold($f, $kind),
            $kind === StageKind::Hold ? Held::read($f->object('held')) : null,
            isset(self::METHODS[$kind->value]) ? $f->oneOf('method', self::METHODS[$kind->value]) : null,
            $kind === StageKind::Stretch ? $f->optionalQuantity('ceiling', Kind::Torque) : null,
            $kind === StageKind::Stretch ? $f->optionalQuantity('one_zero_within', Kind::Length) : null,
            $kind === StageKind::VerificationPass ? $f->integer('repeat_at_most', 1, self::MOST_PASSES, 1) : 1,
            $kind === StageKind::Settle ? $f->optionalDuration('at_least') : null,
            $kind === StageKind::Settle ? $f->optionalDuration('at_most') : null,
            $check,
            self::per($f, $kind),
            $kind === StageKind::Torque && $f->oneOf('prevailing', ['none', 'included', 'added'], 'none') === 'added' ? $f->oneOf('prevailing_from', $before) : null,
            $kind === StageKind::Loosen && $f->oneOf('how', ['fully', 'by_angle'], $f->has('back') ? 'by_angle' : 'fully') === 'by_angle' ? $f->quantity('back', Kind::Angle) : null,
            $f->slice(self::IN_PLAN),
        );
    }

    /** Two people work at it: one tightens, one holds. */
    public function people(): int
    {
        return $this->held === null ? 1 : 2;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }

    private static function oneMotion(ObjectReader $f, StageKind $kind): bool
    {
        // A stretch below its window may be taken further unless its sheet demands one motion.
        $usual = $kind === StageKind::Stretch ? 'may_ratchet' : 'one_motion';

        return $kind->hasTarget() && $f->oneOf('motion', ['one_motion', 'may_ratchet'], $usual) === 'one_motion';
    }

    private static function evidence(ObjectReader $f, StageKind $kind): Attestation
    {
        $default = $kind->controls() === null || $kind === StageKind::VerificationPass ? Attestation::OneByOne : Attestation::Measured;

        return Attestation::from($f->oneOf('evidence', array_column(Attestation::cases(), 'value'), $default->value));
    }

    /**
     * @param  list<string>  $before
     * @return array{seconds: int, after: string}|null
     */
    private static function within(ObjectReader $f, array $before): ?array
    {
        $within = $f->optionalObject('within');
        if ($within === null) {
            return null;
        }
        $limit = ['seconds' => $within->optionalDuration('time')->seconds ?? 0, 'after' => $within->oneOf('after', $before)];
        if ($limit['seconds'] === 0) {
            $within->problem('time', 'a time such as "15 min" is wanted');
        }
        $within->close();

        return $limit;
    }

    private static function threshold(ObjectReader $f, StageKind $kind): ?Written
    {
        if ($kind !== StageKind::Turn) {
            return null;
        }
        $f->oneOf('counted', ['from_stage_start', 'from_threshold'], 'from_stage_start');
        if (! $f->has('threshold')) {
            $f->problem('threshold', 'an angle needs the torque from which it is counted');

            return null;
        }

        return $f->missing('threshold') ? null : $f->quantity('threshold', Kind::Torque);
    }

    private static function per(ObjectReader $f, StageKind $kind): Per
    {
        return match (true) {
            $kind->isPerPosition() => Per::Position,
            $kind === StageKind::Settle => Per::Joint,
            default => Per::from($f->oneOf('per', array_column(Per::cases(), 'value'), Per::Joint->value)),
        };
    }
}
