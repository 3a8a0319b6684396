<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\JointDoubt;

/**
 * How far the film of every zone lies off what the model says, in µm, and how well that is known.
 *
 * The film model's doubt has two parts: scatter within a zone, which no reading takes away, and doubt about the zone's
 * mean, 0.14 of all that was retained. Of the mean, half of the variance is common to all zones (resin left elsewhere,
 * viscosity), half each zone's own (drainage, edge). A zone's own habit stays the same from coat to coat, so that what
 * is learnt of one coat holds for the next. On top each coat has a chance of its own (4 %), and so has each pass (12 %
 * common, 12 % own, 1 µm). All of these shares are ours.
 */
final readonly class FilmEstimate
{
    /** Share of the variance of the mean that all zones have in common. */
    private const COMMON = 0.5;

    private const COAT_CHANCE = 0.04;
    private const CUT_CHANCE = 0.12;
    private const CUT_LEAST_UM = 1.0;

    /** Of the minutes of a pass beyond what it needed: how well time tells the cut. */
    private const TIMED_CHANCE = 0.4;

    /** So much of what ran down hardens on the lower edges and is weighed, and its doubt. */
    private const HANGS_ON = 0.5;
    private const HANGS_ON_DOUBT = 0.3;

    /** Joint doubt holds for n zones: off, habit, off at the last weighing; three numbers each. */
    private function __construct(private JointDoubt $joint, private int $zones, public bool $isMeasured)
    {
    }

    /** @param float $startDoubtUm of the film that the skin began with */
    public static function unmeasured(int $zones, float $startDoubtUm = 0.0): self
    {
        $habit = $start = [];
        for ($i = 0; $i < $zones; $i++) {
            for ($j = 0; $j < $zones; $j++) {
                $habit[$i][$j] = $i === $j ? 1.0 : self::COMMON;
                $start[$i][$j] = $habit[$i][$j] * $startDoubtUm ** 2;
            }
        }

        return new self(JointDoubt::certain(3 * $zones)->shaken($habit, $zones)->shaken($start), $zones, false);
    }

    /** What lies over the model's film on a zone, µm. */
    public function offUm(int $zone): float
    {
        return $this->joint->mean($zone);
    }

    /** Standard deviation of the zone's mean film, µm. */
    public function meanDoubtUm(int $zone): float
    {
        return $this->joint->deviation($zone);
    }

    /** Scatter within the zone and doubt of its mean together, µm: what a burn-through is reckoned with. */
    public function doubtUm(int $zone, SkinSection $skin): float
    {
        return hypot($this->meanDoubtUm($zone), $skin->scatterUm());
    }

    /**
     * A coat went on, that by the model retained so much on each zone, µm; of the wet-out its surplus.
     *
     * @param array<int, float> $retainedUm
     */
    public function afterCoat(array $retainedUm): self
    {
        $grown = [];
        foreach ($retainedUm as $i => $retained) {
            $grown[] = [$i, $this->zones + $i, SkinSection::HABIT * $retained];
        }

        return $this->with($this->joint->grown($grown)->shaken($this->chance(
            $retainedUm,
            self::COAT_CHANCE,
            0.6 * self::COAT_CHANCE,
            0.0,
        )));
    }

    /**
     * A pass took so much of each zone by the model, µm, and by its minutes perhaps more.
     *
     * @param array<int, float> $cutUm   0 where it did not go
     * @param array<int, float> $timedUm of that, what only the minutes tell
     */
    public function afterPass(array $cutUm, array $timedUm = []): self
    {
        $noise = $this->chance($cutUm, self::CUT_CHANCE, self::CUT_CHANCE, self::CUT_LEAST_UM);
        foreach ($timedUm as $i => $timed) {
            $noise[$i][$i] += (self::TIMED_CHANCE * $timed) ** 2;
        }

        return $this->with($this->joint->shaken($noise));
    }

    /** The part lies on the scale for the first time: the film is as it is, what changes from here will be weighed. */
    public function marked(): self
    {
        $places = [];
        for ($i = 0; $i < $this->zones; $i++) {
            $places[2 * $this->zones + $i] = $i;
        }

        return new self($this->joint->copied($places), $this->zones, $this->isMeasured);
    }

    /**
     * The part was weighed again: since the mark it gained (or lost) so many grams.
     *
     * @param float             $unforeseenG gained less what the model says, grams
     * @param array<int, float> $gPerUm      grams of a micrometre of film on each zone
     * @param float             $ranDownG    what ran down to the lower edges since the mark; some of it still hangs on
     * @param float             $stepG       of the scale
     */
    public function weighed(float $unforeseenG, array $gPerUm, float $ranDownG, float $stepG): self
    {
        $weights = [];
        foreach ($gPerUm as $i => $g) {
            $weights[$i] = $g;
            $weights[2 * $this->zones + $i] = -$g;
        }
        $joint = $this->joint->read(
            $weights,
            $unforeseenG - self::HANGS_ON * $ranDownG,
            hypot(self::weighingDoubtG($stepG), self::HANGS_ON_DOUBT * $ranDownG),
        );

        return (new self($joint, $this->zones, true))->marked();
    }

    /** Standard deviation of the difference of two weighings, grams: both are rounded to the step, plus 0.1 g of dust and damp. */
    public static function weighingDoubtG(float $stepG): float
    {
        return sqrt(2.0 * $stepG ** 2 / 12.0 + 0.1 ** 2);
    }

    /** The zone's mean film was measured: so much more than the model says, µm, with its deviation. */
    public function measured(int $zone, float $offUm, float $deviationUm): self
    {
        return new self($this->joint->read([$zone => 1.0], $offUm, $deviationUm), $this->zones, true);
    }

    /** The zone was seen to lie above a bound against the model, µm, or below it. */
    public function seen(int $zone, float $boundUm, float $deviationUm, bool $above): self
    {
        return new self($this->joint->seen([$zone => 1.0], $boundUm, $deviationUm, $above), $this->zones, true);
    }

    private function with(JointDoubt $joint): self
    {
        return new self($joint, $this->zones, $this->isMeasured);
    }

    /**
     * @param array<int, float> $um
     *
     * @return array<int, array<int, float>>
     */
    private function chance(array $um, float $common, float $own, float $leastUm): array
    {
        $noise = [];
        foreach ($um as $i => $a) {
            $row = [];
            foreach ($um as $j => $b) {
                $row[$j] = $common ** 2 * $a * $b + ($i === $j && $a > 0.0 ? ($own * $a) ** 2 + $leastUm ** 2 : 0.0);
            }
            $noise[$i] = $row;
        }

        return $noise;
    }
}
