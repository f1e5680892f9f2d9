<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a fault means: how far back, where, with a new fastener or not, who decides. */
final readonly class FaultRule
{
    /**
     * @param  bool  $mayGoOn  the position may be taken further instead, as long as its motion and strokes allow it
     * @param  bool  $toolOut  the tool is out of use until it was calibrated
     * @param  list<Remedy>  $remedies  what else is asked for
     */
    public function __construct(
        public ReworkStart $undo,
        public FaultExtent $reach,
        public Replace $replace,
        public DecisionAuthority $decides,
        public bool $mayGoOn = false,
        public bool $toolOut = false,
        public array $remedies = [],
    ) {
    }

    public static function read(ObjectReader $f): self
    {
        return new self(
            ReworkStart::from($f->oneOf('undo', array_column(ReworkStart::cases(), 'value'))),
            FaultExtent::from($f->oneOf('reach', array_column(FaultExtent::cases(), 'value'), FaultExtent::Position->value)),
            Replace::from($f->oneOf('replace', array_column(Replace::cases(), 'value'), Replace::No->value)),
            DecisionAuthority::from($f->oneOf('decides', array_column(DecisionAuthority::cases(), 'value'), DecisionAuthority::Lead->value)),
            $f->boolean('may_go_on'),
            $f->boolean('tool_out'),
            array_values(array_filter(Remedy::cases(), fn (Remedy $r): bool => $f->boolean($r->value))),
        );
    }

    public function asksFor(Remedy $remedy): bool
    {
        return in_array($remedy, $this->remedies, true);
    }

    /** The same, where the position may be taken further or may not. */
    public function going(bool $on): self
    {
        return $on === $this->mayGoOn ? $this : new self($this->undo, $this->reach, $this->replace, $this->decides, $on, $this->toolOut, $this->remedies);
    }
}
