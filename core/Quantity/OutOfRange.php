<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** A quantity outside what the work can mean. */
final class OutOfRange extends \DomainException implements OakGlossFault
{
    private function __construct(
        string $message,
        public readonly string $quantity,
        public readonly float $value,
    ) {
        parent::__construct($message);
    }

    /**
     * @param string $quantity what was given, in words
     * @param string $unit     unit of the value and both bounds
     */
    public static function got(string $quantity, float $value, float $least, float $most, string $unit): self
    {
        $said = is_finite($value) ? sprintf('%s %s', round($value, 6), $unit) : 'not a finite number';

        return new self(
            trim(sprintf('%s must lie from %s to %s %s; it is %s', $quantity, $least, $most, $unit, $said)),
            $quantity,
            $value,
        );
    }
}
