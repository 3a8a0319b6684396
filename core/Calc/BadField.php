<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Quantity\OakGlossFault;

/** An input field that is missing, misspelt or makes no sense; the path leads to it. */
final class BadField extends \DomainException implements OakGlossFault
{
    public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }
}
