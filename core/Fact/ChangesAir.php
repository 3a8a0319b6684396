<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Climate\ClimateChange;

/** A fact that puts the part into another air. */
interface ChangesAir
{
    public function change(): ClimateChange;
}
