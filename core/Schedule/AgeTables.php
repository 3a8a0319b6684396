<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Kinetics;

/** Thermal ages in one air from one minute on; resins that warmth hastens alike share a table. */
final class AgeTables
{
    /** @var array<string, MinuteAges> */
    private array $tables = [];

    /** @param float $lagMin of the part behind the air */
    public function __construct(private readonly AirCurve $air, private readonly float $from, private readonly float $lagMin = 0.0)
    {
    }

    /** @param float|null $stallC time colder than this does not count */
    public function of(Kinetics $clock, ?float $stallC = null): MinuteAges
    {
        return $this->tables["{$clock->activation->joulePerMol}/{$clock->reference->inKelvin()}/{$stallC}"] ??= new MinuteAges(
            $this->air,
            $clock,
            $this->from,
            $this->lagMin,
            $stallC,
        );
    }
}
