<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * How deep the pinholes of a raw moulding are, µm; 0 where nobody looked.
 *
 * @extends Choice<float>
 */
final class PinholeDepth extends Choice
{
    public const USUAL = 0.0;

    public const SETTLED_BY = [Role::FillerClear];

    public const IS_PRICED = false;

    public static function field(): Field
    {
        return Field::number('pinhole_um', 0.0, 3000.0)->called('', 'µm');
    }
}
