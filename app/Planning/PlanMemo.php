<?php

declare(strict_types=1);

namespace App\Planning;

use Closure;
use Illuminate\Support\Facades\Cache;
use OakGloss\Fact\FactLog;
use OakGloss\Method\Materials;
use OakGloss\Method\Method;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Workshop;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\ModelVersion;

/** Plans that were reckoned: a plan is a function of what it is made from, so that alone says whether one may be used again. */
final class PlanMemo
{
    private const KEPT_S = 86400;

    /** @var array<string, FinishPlan> */
    private array $plans = [];

    /**
     * @param int|null              $part   whose plan it is, to be kept for other requests; null for one that might be
     * @param Closure(): FinishPlan $reckon
     */
    public function of(
        ?int $part,
        Method $method,
        PartBrief $brief,
        Materials $materials,
        Workshop $shop,
        FactLog $log,
        Closure $reckon,
    ): FinishPlan {
        $key = md5(serialize([ModelVersion::NOW, $method::code(), $brief, $materials, $shop, $log]));
        if (isset($this->plans[$key]) || $part === null) {
            return $this->plans[$key] ??= $reckon();
        }

        return $this->plans[$key] = OneReckons::once(
            $key,
            fn (): ?FinishPlan => self::kept($part, $key),
            function () use ($part, $key, $reckon): FinishPlan {
                $plan = $reckon();
                Cache::put(self::name($part), [$key, $plan], self::KEPT_S);

                return $plan;
            },
        );
    }

    /** One for each part: an older one is of no use to anybody. */
    private static function kept(int $part, string $key): ?FinishPlan
    {
        [$of, $plan] = Cache::get(self::name($part)) ?? [null, null];

        return $of === $key && $plan instanceof FinishPlan ? $plan : null;
    }

    /** What another version of the models has kept is of another shape. */
    private static function name(int $part): string
    {
        return 'plan-'.ModelVersion::NOW."-{$part}";
    }
}
