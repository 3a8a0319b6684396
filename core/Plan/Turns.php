<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Film\Rheology;
use OakGloss\Method\Role;
use OakGloss\Quantity\Temperature;

/** At which shares of its flow a part was, or is to be, turned over after a coat. */
final class Turns
{
    /** A turn that is ahead is done at half of the flow. */
    private const HALF = 0.5;

    /**
     * @param Fact|null $coat    when it went on
     * @param bool      $isAhead whether a turn is still planned after it
     *
     * @return list<float>
     */
    public static function of(FactLog $log, ?Fact $coat, bool $isAhead, Rheology $flow, Temperature $t): array
    {
        $planned = $isAhead ? [self::HALF] : [];
        if ($coat === null) {
            return $planned;
        }
        $turned = $log->lastOver($coat, Role::Turn, Done::class, Skipped::class);

        return match (true) {
            $turned === null => $planned,
            $turned->content instanceof Skipped => [],
            default => [$flow->flownBy($turned->atMin - $coat->atMin, $t)],
        };
    }
}
