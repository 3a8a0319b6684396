<?php

declare(strict_types=1);

namespace OakGloss\Calc;

/** One model as a JSON object in, a JSON object out. */
interface Calculation
{
    /**
     * @return array<string, mixed>
     *
     * @throws BadField                         If an input field is missing, misspelt or out of range.
     * @throws \OakGloss\Quantity\OakGlossFault If fields that are fine each make no sense together.
     */
    public function run(Fields $in): array;
}
