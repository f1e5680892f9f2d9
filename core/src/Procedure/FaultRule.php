<?php

declare(strict_types=1);

namespace Tekkal\Core\Procedure;

/** What a fault means: how far back, where, with a new fastener or not, who decides. */
final readonly class FaultRule
{
    /**
     * @param  bool  $mayGoOn  the position may be taken further instead, as long as its motion and strokes allow it
     * @param  bool  $toolOut  the tool is out of use until it was calibrated
     * @param  bool  $repair  the thread is repaired and the repair accepted before anything else happens there
     */
    public function __construct(
        public Undo $undo,
        public Reach $reach,
        public Replace $replace,
        public Decides $decides,
        public bool $mayGoOn = false,
        public bool $toolOut = false,
        public bool $repair = false,
    ) {
    }

    public static function read(Fields $f): self
    {
        return new self(
            Undo::from($f->oneOf('undo', array_column(Undo::cases(), 'value'))),
            Reach::from($f->oneOf('reach', array_column(Reach::cases(), 'value'), Reach::Position->value)),
            Replace::from($f->oneOf('replace', array_column(Replace::cases(), 'value'), Replace::No->value)),
            Decides::from($f->oneOf('decides', array_column(Decides::cases(), 'value'), Decides::Lead->value)),
            $f->boolean('may_go_on'),
            $f->boolean('tool_out'),
            $f->boolean('repair'),
        );
    }
}
