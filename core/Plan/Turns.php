<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Film\Rheology;
use OakGloss\Quantity\Temperature;

/** At which shares of its flow a part was, or is to be, turned over after a coat. */
final class Turns
{
    /** A turn that is ahead is done at half of the flow. */
    private const HALF = 0.5;

    /**
     * @param string    $coatKey the step of the coat
     * @param Fact|null $coat    when it went on
     * @param bool      $isAhead whether a turn is still planned after it
     *
     * @return list<float>
     */
    public static function of(string $coatKey, FactLog $log, ?Fact $coat, bool $isAhead, Rheology $flow, Temperature $t): array
    {
        $turned = $log->last("turn-{$coatKey}", Done::class, Skipped::class);
        if ($turned === null) {
            return $isAhead ? [self::HALF] : [];
        }

        return $turned->content instanceof Skipped || $coat === null ? [] : [$flow->flownBy($turned->atMin - $coat->atMin, $t)];
    }
}
