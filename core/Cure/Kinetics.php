<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** A resin's clock: the thermal ages of its events at the sheet's reference temperature, and how warmth drives them. */
final readonly class Kinetics
{
    /**
     * @param array<string, float> $agesMin     event → thermal age in minutes at the reference temperature
     * @param float|null           $stallC      colder than this the stalled events stand still
     * @param list<string>         $stallEvents
     *
     * @throws \OakGloss\Quantity\OutOfRange If an age is not above 0 and at most 1 000 000 minutes.
     */
    public function __construct(
        public Temperature $reference,
        public Activation $activation,
        public array $agesMin,
        public ?float $stallC = null,
        public array $stallEvents = ['full'],
    ) {
        foreach ($agesMin as $event => $age) {
            Bounds::within($age, 1e-6, 1e6, "age of {$event}", 'min');
        }
    }

    /** @throws \OutOfBoundsException If the resin has no such event. */
    public function age(Milestone|string $event): float
    {
        $event = $event instanceof Milestone ? $event->value : $event;

        return $this->agesMin[$event] ?? throw new \OutOfBoundsException("no event {$event} on this resin");
    }

    public function stallFor(Milestone|string $event): ?float
    {
        return in_array($event instanceof Milestone ? $event->value : $event, $this->stallEvents, true) ? $this->stallC : null;
    }

    /**
     * How long a film stays tacky at one air, minutes: thermal age from `tack_from` to `tack_until` over the rate there.
     *
     * @throws \OutOfBoundsException If the resin has no such events.
     */
    public function tackWindowMin(Temperature $air): float
    {
        return ($this->age(Milestone::TackUntil) - $this->age(Milestone::TackFrom)) / $this->activation->rate($air, $this->reference);
    }

    /**
     * The same for a film that the piece is turned over onto: it may be lain on once it sticks no more and a nail still
     * dents it, at the geometric mean of `tack_from` and `tack_until` (ours).
     */
    public function lainOn(): self
    {
        return new self(
            $this->reference,
            $this->activation,
            ['tack_from' => sqrt($this->age(Milestone::TackFrom) * $this->age(Milestone::TackUntil))] + $this->agesMin,
            $this->stallC,
            $this->stallEvents,
        );
    }

    /** The same resin as a slower (factor over 1) or faster clock. */
    public function paced(float $factor): self
    {
        return new self(
            $this->reference,
            $this->activation,
            array_map(fn (float $age): float => $age * $factor, $this->agesMin),
            $this->stallC,
            $this->stallEvents,
        );
    }
}
