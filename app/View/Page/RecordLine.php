<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Models\PartFact;
use App\Time\ShopTime;
use App\Words\WordsBefore;
use Illuminate\Support\Facades\Lang;
use OakGloss\Fact\Kind\Chosen;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Method\Step;
use OakGloss\Plan\PlannedStep;

/** A fact as one line of a part's record, and what struck it out. */
final readonly class RecordLine
{
    /** Kept later than this after it happened, both times are said; minutes. */
    private const LATER_MIN = 2.0;

    public function __construct(public PartFact $fact, public ?PlannedStep $step, public ?PartFact $struck)
    {
    }

    /** The step in the words of its day: a plan may tell it otherwise now. */
    public function saidStep(Part $part): Step
    {
        $step = $this->step->step ?? throw new \LogicException('its plan has no such step');
        $said = $this->fact->said ?? WordsBefore::of($part, $step->key);

        return $said !== null && Lang::has("steps.{$said}") ? $step->named($said) : $step;
    }

    public function isChoice(): bool
    {
        return $this->fact->kind === Chosen::KIND;
    }

    public function happenedMin(): float
    {
        return ShopTime::minutes($this->fact->happened_at);
    }

    /** When it was kept, if that was later; minute. */
    public function keptLater(): ?float
    {
        $kept = ShopTime::minutes($this->fact->recorded_at);

        return abs($kept - $this->happenedMin()) > self::LATER_MIN ? $kept : null;
    }

    public function struckMin(): ?float
    {
        return $this->struck === null ? null : ShopTime::minutes($this->struck->happened_at);
    }

    public function reason(): string
    {
        $content = $this->struck?->content();

        return $content instanceof Struck ? (string) $content->reason : '';
    }
}
