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

    public function __construct(private readonly AirCurve $air, private readonly float $from)
    {
    }

    public function of(Kinetics $clock): MinuteAges
    {
        return $this->tables["{$clock->activation->joulePerMol}/{$clock->reference->inKelvin()}"] ??= new MinuteAges($this->air, $clock, $this->from);
    }
}
