<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Cup;
use App\Time\ShopTime;
use App\Words\Formatter;
use OakGloss\Cure\BatchHeat;
use OakGloss\Cure\TackWindow;
use OakGloss\Mixing\CupVerdict;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\MixAhead;

/** A cup on the scale as its page shows it. */
final readonly class WeighPage
{
    /** A cup with so much of what it asks for was poured to its end. */
    private const NEARLY_ALL = 0.9;

    /** Resin that runs over by less is within what a scale shows. */
    private const OVER = 1.005;

    public string $key;

    public float $nowMin;

    public bool $isTooLate;

    /** What goes in next; null when the cup is right. */
    public ?string $next;

    public ?MixAhead $ahead;

    /** The window that the coat goes into. */
    public ?TackWindow $window;

    /** The scale is not set to nothing between the jars. */
    public bool $isThrough;

    public function __construct(private Cup $cup, private Formatter $format, bool $isThrough = false)
    {
        $this->isThrough = $isThrough && ! $cup->batch->ratio->isInCup();
        $this->key = $cup->step->step->key;
        $this->nowMin = $cup->planned->floor->nowMin;
        $this->isTooLate = $cup->isTooLate();
        $this->next = $cup->next();
        $this->ahead = $cup->ahead();
        $this->window = $cup->serves();
    }

    /** What the scale shows before this jar. */
    public function showsG(): float
    {
        return $this->isThrough ? $this->cup->pour->totalG() : 0.0;
    }

    /** What it shows when this jar is in. */
    public function markG(): float
    {
        return $this->showsG() + ($this->cup->toAdd()[$this->next] ?? 0.0);
    }

    public function closesMin(): ?float
    {
        return $this->window?->closes->expectedMin;
    }

    public function hasClosed(): bool
    {
        return $this->closesMin() !== null && $this->closesMin() <= $this->nowMin;
    }

    public function windowWords(): string
    {
        $opens = $this->window?->opens->expectedMin;

        return (string) __($opens > $this->nowMin ? 'weigh.opens_closes' : 'weigh.closes', [
            'from' => $this->format->when($opens),
            'at' => $this->format->when($this->closesMin()),
        ]);
    }

    /** Past bonding, and hard enough for paper. */
    public function mayBeKeyed(): bool
    {
        return $this->cup->planned->next?->state === ActState::KeyFirst;
    }

    /** @return array{closed: string, key: string} */
    public function lateTimes(): array
    {
        return [
            'closed' => $this->format->when($this->cup->planned->next?->window?->closes->expectedMin),
            'key' => $this->format->when($this->cup->planned->next?->keyFromMin),
        ];
    }

    public function airWords(): string
    {
        $floor = $this->cup->planned->floor;
        $air = $this->format->celsius($floor->airNowC());

        return $floor->dewPointC() === null
            ? $air
            : (string) __('weigh.air_dew', ['c' => $air, 'dew' => $this->format->celsius($floor->dewPointC())]);
    }

    /** Who says so, and how long ago. */
    public function airFrom(): string
    {
        $reading = $this->cup->planned->floor->lastReading;

        if ($reading === null) {
            return (string) __('weigh.by_curve');
        }
        $ago = $this->format->span($this->nowMin - ShopTime::minutes($reading->measured_at));

        return (string) __($reading->source === 'probe' ? 'weigh.by_probe' : 'weigh.by_hand', ['ago' => $ago]);
    }

    /** @return list<string> what must stand ready */
    public function checks(): array
    {
        $piece = $this->format->piece($this->cup->planned->plan->brief->piece());

        return array_map(
            fn (string $check): string => (string) __("words.ready_check.{$check}", ['piece' => $piece]),
            $this->cup->check()->asks(),
        );
    }

    public function heatKey(BatchHeat $heat): string
    {
        return 'weigh.heat.'.match (true) {
            $heat->isDangerous() => 'dangerous',
            $heat->isHot() => 'hot',
            $heat->wantsABench() => 'wants_bench',
            default => 'calm',
        };
    }

    /** @return array{span: string, grams: string, c: string} the pot life that the sheet states */
    public function sheetPot(): array
    {
        $resin = $this->cup->resin;

        return [
            'span' => $this->format->span($resin->potLifeMin),
            'grams' => $this->format->grams($resin->potMassG),
            'c' => $this->format->celsius($resin->potC),
        ];
    }

    /**
     * @return list<array{
     *     jar: string, name: string, in: float, mark: float, percent: float, isNext: bool, isIn: bool,
     * }> jars that this batch takes from
     */
    public function jars(): array
    {
        [$batch, $pour, $toAdd] = [$this->cup->batch, $this->cup->pour, $this->cup->toAdd()];
        $wanted = array_filter(['resin' => $batch->resinG, 'pigment' => $batch->pigmentG, 'hardener' => $batch->hardenerG]);
        $in = ['resin' => $pour->resinG, 'hardener' => $pour->hardenerG, 'pigment' => $pour->pigmentG];

        return array_map(function (string $jar) use ($in, $toAdd): array {
            $mark = $in[$jar] + ($toAdd[$jar] ?? 0.0);

            return [
                'jar' => $jar,
                'name' => $this->jar($jar),
                'in' => $in[$jar],
                'mark' => $mark,
                'percent' => round(min(100.0, 100.0 * $in[$jar] / max(0.01, $mark)), 1),
                'isNext' => $this->next === $jar,
                'isIn' => $in[$jar] > 0.0 && ! isset($toAdd[$jar]),
            ];
        }, array_keys($wanted));
    }

    /** What a polyester is hardened with is called by its name. */
    public function jar(string $component): string
    {
        $isCatalyst = $component === 'hardener' && $this->cup->resin->catalyst !== null;

        return $this->format->word('component', $isCatalyst ? 'catalyst' : $component);
    }

    /** @return array<string, string>|null too much pigment, and what brings it right */
    public function pigmentOver(): ?array
    {
        $over = $this->cup->pour->pigmentOverG();
        $add = $this->cup->pour->forPigment();

        return $over <= 0.0 ? null : [
            'over' => $this->format->grams($over), 'resin' => $this->format->mixed($add['resin'], $this->cup->batch->ratio, 'resin'),
            'hardener' => $this->format->mixed($add['hardener'], $this->cup->batch->ratio, 'hardener'),
        ];
    }

    /** Both jars are in it: they may stand the other way round. */
    public function mayBeSwapped(): bool
    {
        return $this->cup->with === [] && $this->cup->batch->drops === null && $this->cup->pour->resinG > 0.0 && $this->cup->pour
            ->hardenerG > 0.0;
    }

    /** Putting it right takes more than a fresh cup. */
    public function isBetterBinned(): bool
    {
        return $this->cup->pour->isBetterBinned();
    }

    /** `Q Stage breastplate, W Sidecar mudguard`: with whom it is shared. */
    public function sharedWith(): string
    {
        return implode(', ', array_map(fn (Cup $c): string => "{$c->planned->part->letter} {$c->planned->part->name}", $this->cup->with));
    }

    /** Whether drops are counted next. */
    public function countsDrops(): bool
    {
        return $this->next === 'hardener' && $this->cup->isDropped();
    }

    /** @return array<string, string|int>|null how much catalyst, for which air, and what its sheet allows; null of any other hardener */
    public function drops(): ?array
    {
        $catalyst = $this->cup->resin->catalyst;
        if ($catalyst === null || $this->cup->batch->drops === null) {
            return null;
        }
        $air = $this->cup->planned->floor->airNowC();

        return [
            'drops' => $this->cup->batch->drops,
            'c' => $this->format->celsius($air),
            'percent' => number_format(100.0 * $this->cup->batch->hardenerG / $this->cup->batch->resinG, 2),
            'least' => number_format($catalyst->nearestPercent(Temperature::fromCelsius($catalyst->hottestC())), 1),
            'most' => number_format($catalyst->nearestPercent(Temperature::fromCelsius($catalyst->coldestC())), 1),
        ];
    }

    /** What a blended hardener is weighed from; null where it is one. */
    public function blend(): ?string
    {
        $parts = array_map(fn (string $what, float $share): string => (string) __('weigh.blend_part', [
            'grams' => $this->format->grams($this->cup->batch->hardenerG * $share),
            'what' => $what,
        ]), array_keys($this->cup->resin->hardenerParts), $this->cup->resin->hardenerParts);

        return $parts === [] ? null : implode(' + ', $parts);
    }

    public function ratioKey(): string
    {
        $isSaid = $this->cup->pour->ratioError() === null;

        return match (true) {
            $isSaid && $this->cup->batch->ratio->isInCup() => 'weigh.ratio_in_cup',
            default => $isSaid ? 'weigh.ratio' : 'weigh.ratio_is',
        };
    }

    /** @return array<string, string> */
    public function ratio(): array
    {
        $pour = $this->cup->pour;
        $error = $pour->ratioError();
        $wanted = ['wanted' => $this->format->hardener($this->cup->batch->ratio)];

        return $error === null ? $wanted : $wanted + [
            'is' => $this->format->parts($this->cup->batch->ratio, $pour->hardenerG / $pour->resinG),
            'class' => $pour->keepsRatio() ? 'is-open' : 'is-stop',
            'off' => ($error > 0.0 ? '+' : '−').$this->format->percent(abs($error)),
        ];
    }

    /** Whether each minute counts: hardener comes next, or nothing is in yet. */
    public function minutesCount(): bool
    {
        return $this->next === 'hardener' || $this->cup->pour->totalG() <= 0.0;
    }

    /** So much is in it that filling it up would make a cup which nobody can spread, or which runs hot. */
    public function isBeyond(): bool
    {
        return $this->cup->isFarOver() && ! $this->cup->mayBePutRight();
    }

    /** Whether both parts have met in it. */
    public function isHardened(): bool
    {
        return $this->cup->pour->hardenerG > 0.0 && $this->cup->pour->resinG > 0.0;
    }

    public function farOverG(): float
    {
        return max(0.0, $this->cup->pour->totalG() - $this->cup->batch->totalG());
    }

    /** It cures, a little weaker: it may go on as it is. */
    public function isNear(): bool
    {
        return $this->cup->verdict() === CupVerdict::Near && $this->cup->pour->totalG() >= self::NEARLY_ALL * $this->cup->batch->totalG();
    }

    /**
     * What the ratio of a mixed cup says; null where it is right.
     *
     * @return array{key: string, class: string, args: array<string, string>}|null
     */
    public function offWords(): ?array
    {
        $off = $this->isHardened() ? $this->cup->offBy() : null;
        $isPoured = $this->cup->pour->totalG() >= self::NEARLY_ALL * $this->cup->batch->totalG();

        return match (true) {
            $this->isNear() => [
                'key' => 'weigh.near', 'class' => 'is-warn',
                'args' => ['off' => $this->format->off((float) $this->cup->pour->ratioError())],
            ],
            // Half-way through the hardener's pour it is no mix yet, and nothing is wrong.
            $off !== null && ($off > 0.0 || $isPoured) => ['key' => 'weigh.is_off', 'class' => 'is-stop', 'args' => [
                'off' => $this->format->off($off), 'comes' => (string) __('weigh.comes.'.$this->cup->comesOf($off)),
            ]],
            default => null,
        };
    }

    /** Resin past its mark, where hardener has to follow it; grams. */
    public function resinOverG(): ?float
    {
        [$in, $mark] = [$this->cup->pour->resinG, $this->cup->batch->resinG];

        return $this->next === 'hardener' && $in > $mark * self::OVER ? $in - $mark : null;
    }

    /** What is still to pour: `12.0 g resin + 5.2 g hardener`, or the marks of a scale that is read through. */
    public function toAdd(): string
    {
        $shows = $this->showsG();
        $said = [];
        foreach ($this->cup->toAdd() as $jar => $grams) {
            $shows = $this->isThrough ? $shows + $grams : $grams;
            $said[] = $jar === 'hardener' && $this->cup->isDropped()
                ? (string) __('weigh.add_drops_short', ['drops' => $this->cup->dropsToAdd()])
                : (string) __($this->isThrough ? 'weigh.jar_to' : 'weigh.jar', [
                    'grams' => $this->format->mixed($shows, $this->cup->batch->ratio, $jar), 'jar' => $this->jar($jar),
                ]);
        }

        return implode($this->isThrough ? ', ' : ' + ', $said);
    }
}
