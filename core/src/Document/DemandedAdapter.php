<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** What has to sit between wrench and fastener where the wrench alone does not reach. */
final readonly class DemandedAdapter
{
    private const IN_PLAN = ['key', 'name', 'adds', 'wrench'];

    /**
     * @param  Written|null  $adds  to the lever, measured along the wrench; null: it leaves the setting as it is
     * @param  Written|null  $wrench  from the square of the wrench to its marked grip; with $adds
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public string $name,
        public ?Written $adds,
        public ?Written $wrench,
        private array $planFields,
    ) {
    }

    public static function read(ObjectReader $f): self
    {
        $adapter = new self($f->string('key'), $f->name('name'), $f->optionalQuantity('adds', Kind::Length), $f->optionalQuantity('wrench', Kind::Length), $f->slice(self::IN_PLAN));
        if (($adapter->adds === null) !== ($adapter->wrench === null)) {
            $f->problem($adapter->adds === null ? 'adds' : 'wrench', 'the length that it adds and the length of the wrench are wanted together');
        } elseif ($adapter->wrench?->quantity()->inBase()->isZero() === true) {
            $f->problem('wrench', 'a length above zero is wanted');
        }

        return $adapter;
    }

    /**
     * The limits for what the wrench is set to, or shows, so that the fastener gets a torque in the window: T L/(L + E)
     * (e.g. FAA AC 43.13-1B, fig. 7-2), rounded inward.
     */
    public function setting(Window $window): Window
    {
        return $this->wrench === null ? $window : $window->shared($this->wrench, $this->lever());
    }

    /** What the wrench is set to for a torque at the fastener, to three decimals. */
    public function settingFor(Written $torque): Written
    {
        return $this->wrench === null ? $torque : $torque->shared($this->wrench, $this->lever());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }

    /** Wrench and adapter together. */
    private function lever(): Written
    {
        assert($this->wrench !== null);
        $wrench = $this->wrench->inBaseUnit();

        return $this->adds === null ? $wrench : $wrench->plus($this->adds->inBaseUnit());
    }
}
