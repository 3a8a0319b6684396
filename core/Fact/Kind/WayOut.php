<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Abrasion\Grit;
use OakGloss\Fact\Content;
use OakGloss\Fact\Targets;
use OakGloss\Fact\Words;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\Mend;
use OakGloss\Quantity\Field;

/** A way out of a defect or a mishap was taken, with all that its steps follow from. */
final readonly class WayOut extends Content implements Targets
{
    public const KIND = 'way_out';

    public const IS_WORK = false;

    public const IS_DECISION = true;

    /**
     * @param int        $target     the defect that was found, or the mishap
     * @param string     $zone       empty for the whole part
     * @param float      $patchCm2   0 for all of the zone
     * @param int        $from       paper, P; 0 where none is needed
     * @param int        $level      paper to which fresh resin is levelled; 0 for none
     * @param bool|null  $isCleared  clear lay over it: it is cleared again
     * @param bool|null  $isFinished clear is flatted and polished again, no step ahead does it
     * @param float|null $withinMin  of the coat, while it is wet; null where it may wait
     * @param float|null $handsMin   that it takes, as reckoned when it was taken
     * @param float|null $grams      of resin
     * @param float|null $laterMin   by which the part is ready later
     */
    public function __construct(
        public int $target,
        public Remedy $remedy,
        public Lies $lies,
        public string $zone = '',
        public float $patchCm2 = 0.0,
        public int $coats = 0,
        public float $deeperUm = 0.0,
        public int $from = 0,
        public int $to = 0,
        public int $level = 0,
        public float $celsius = 0.0,
        public int $hours = 0,
        public ?bool $isCleared = null,
        public ?bool $isFinished = null,
        public ?float $withinMin = null,
        public ?float $handsMin = null,
        public ?float $grams = null,
        public ?float $laterMin = null,
    ) {
    }

    public static function fields(): array
    {
        $papers = [0, ...array_keys(Grit::MEAN_GRAIN_UM)];

        return [
            Field::whole('target'), Field::choice('remedy', Remedy::class), Field::choice('lies', Lies::class),
            Field::text('zone', 40)->orEmpty(), Field::number('patch_cm2', 0.0, 1e6), Field::whole('coats', 0.0, 8.0),
            Field::number('deeper_um', 0.0, 2000.0), Field::whole('from', choices: $papers), Field::whole('to', choices: $papers),
            Field::whole('level', choices: $papers), Field::number('celsius', 0.0, 150.0), Field::whole('hours', 0.0, 200.0),
            Field::flag('is_cleared')->optional(), Field::flag('is_finished')->optional(),
            Field::number('within_min', 0.0, 600.0)->optional(),
            Field::number('hands_min')->optional(), Field::number('grams')->optional(), Field::number('later_min')->optional(),
        ];
    }

    public static function phrases(): array
    {
        return ['label' => 'Way out', 'record' => 'took a way out: :remedy', 'on' => ', on :zone'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['remedy' => lcfirst($words->word('remedy', $this->remedy->value))])
            .($this->zone === '' ? '' : $words->phrase($this, 'on', ['zone' => $this->zone]));
    }

    public function target(): int
    {
        return $this->target;
    }

    /** With what it costs. */
    public function costing(float $handsMin, float $grams, float $laterMin): self
    {
        $costs = ['hands_min' => round($handsMin, 1), 'grams' => round($grams, 1), 'later_min' => round($laterMin)];

        return self::read($costs + $this->data());
    }

    /** @param string|null $under key of the newest coat below */
    public function mend(string $prefix, ?string $under): Mend
    {
        return new Mend(
            $prefix,
            $this->remedy,
            $this->lies,
            $this->zone,
            $this->patchCm2 / 1e4,
            $this->coats,
            $this->deeperUm,
            $this->from,
            $this->to,
            $this->level,
            $this->celsius,
            $this->hours,
            $this->isCleared === true,
            $this->isFinished === true,
            $this->withinMin,
            $under,
        );
    }
}
