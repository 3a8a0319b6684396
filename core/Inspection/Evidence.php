<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/**
 * What is on record of the coat, the sanding or the laying that a defect lies in. Null is what nobody recorded, and says
 * nothing: no cause gains or loses by it.
 */
final readonly class Evidence
{
    /**
     * @param float|null $airC            at the coat
     * @param float|null $minC            coldest that its sheet bears
     * @param float|null $hottestSinceC   of the part since
     * @param float|null $dewMarginC      part over dew point, the least from the coat to its tack, °C
     * @param float|null $wipeAgeMin      from the last wipe to the coat; INF where one was left out
     * @param bool|null  $dustLeft        sanded, and coated without a wipe between
     * @param float|null $ratioOffPercent hardener weighed over what the sheet asks, ±%
     * @param float|null $cupAgeShare     minutes from hardener to brush over the cup's pot life
     * @param float|null $restMin         minutes from hardener to brush
     * @param float|null $lotOpenDays     since the jar was opened
     * @param float|null $belowOverTack   age of the coat below over its tack-from; under 1 is too early
     * @param float|null $belowOverBond   age of the coat below over its tack-until, where it was not keyed; over 1 is too late
     * @param float|null $coatOverLimit   weight of the coat over what its face holds
     * @param float|null $wetOverDrink    weight of the wet-out over what the cloth drinks
     * @param float|null $baseOverPlan    weight of the base over its plan
     * @param float|null $slopeDeg        of the face
     * @param bool|null  $isEdge          it lies on an edge or a lap
     * @param float|null $coverOverNeed   film over the crowns before the flatting over what the flatting takes
     * @param float|null $passOverNeed    minutes of the longest pass over what its paper needs
     * @param float|null $passUnderNeed   minutes of the shortest pass over what its paper needs
     * @param int|null   $firstGrit       of the flatting, P
     * @param float|null $sandedOverReady age at the first pass over the age at which it is sandable
     * @param float|null $settledShare    age at the last plane over the age at which the resin is cured through
     * @param float|null $scratchOverMost scratch under the coat over the most that it hides
     * @param float|null $ladderGap       greatest step from one scratch to the next
     * @param float|null $waterShare      changes of water over papers
     * @param float|null $m2PerHand       cloth laid by each pair of hands, m²
     * @param bool|null  $isInCorner      an inside corner
     * @param float|null $expansionIndex  strain times thickness, model 14
     * @param bool|null  $hasUvGuard      a clear, or a resin that stands sun
     * @param float|null $weaveOverShows  weave in the newest photo of the face over what a raking lamp shows
     */
    public function __construct(
        public ?float $airC = null,
        public ?float $minC = null,
        public ?float $hottestSinceC = null,
        public ?float $dewMarginC = null,
        public ?float $wipeAgeMin = null,
        public ?bool $dustLeft = null,
        public ?float $ratioOffPercent = null,
        public ?float $cupAgeShare = null,
        public ?float $restMin = null,
        public ?float $lotOpenDays = null,
        public ?float $belowOverTack = null,
        public ?float $belowOverBond = null,
        public ?float $coatOverLimit = null,
        public ?float $wetOverDrink = null,
        public ?float $baseOverPlan = null,
        public ?float $slopeDeg = null,
        public ?bool $isEdge = null,
        public ?float $coverOverNeed = null,
        public ?float $passOverNeed = null,
        public ?float $passUnderNeed = null,
        public ?int $firstGrit = null,
        public ?float $sandedOverReady = null,
        public ?float $settledShare = null,
        public ?float $scratchOverMost = null,
        public ?float $ladderGap = null,
        public ?float $waterShare = null,
        public ?float $m2PerHand = null,
        public ?bool $isInCorner = null,
        public ?float $expansionIndex = null,
        public ?bool $hasUvGuard = null,
        public ?float $weaveOverShows = null,
    ) {
    }

    /**
     * By the names of its parameters; what is missing is not known.
     *
     * @param array<string, float|int|bool|null> $known
     *
     * @throws \InvalidArgumentException If nothing here has such a name.
     */
    public static function read(array $known): self
    {
        $strange = array_diff_key($known, get_class_vars(self::class));
        if ($strange !== []) {
            throw new \InvalidArgumentException('no evidence is called '.implode(', ', array_keys($strange)));
        }

        return (new \ReflectionClass(self::class))->newInstanceArgs($known);
    }

    /**
     * The same of a record, which says of every thing whether it knows it: one that is never fed could speak for no cause.
     *
     * @param array<string, float|int|bool|null> $known by name; null is not known
     *
     * @throws \InvalidArgumentException If one is missing, or has no such name.
     */
    public static function complete(array $known): self
    {
        $missing = array_diff_key(get_class_vars(self::class), $known);

        return $missing === [] ? self::read($known)
            : throw new \InvalidArgumentException('never said: '.implode(', ', array_keys($missing)));
    }

    /** The same where one thing is not known: by it is seen what that said. */
    public function without(string $name): self
    {
        return self::read([$name => null] + $this->all());
    }

    /** @return array<string, float|int|bool|null> */
    public function all(): array
    {
        /** @var array<string, float|int|bool|null> $all */
        $all = get_object_vars($this);

        return $all;
    }

    /** @return list<string> names of what is known */
    public function known(): array
    {
        return array_keys(array_filter(get_object_vars($this), fn (mixed $v): bool => $v !== null));
    }
}
