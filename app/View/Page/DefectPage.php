<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Inspection\CausesOf;
use App\Inspection\FactOf;
use App\Inspection\PricedWay;
use App\Inspection\WaysOutOfIt;
use App\Models\Photo;
use App\Money\PriceBook;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use Illuminate\Support\Facades\Lang;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\CauseRanking;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Sign;
use OakGloss\Plan\DefectState;

/** One defect, or one mishap, with its causes and its ways out. */
final readonly class DefectPage
{
    public ?CauseRanking $ranking;

    /** @var array<string, bool> by cause: what the look for it showed */
    public array $told;

    /** @var list<PricedWay> */
    private array $ways;

    /**
     * @param Fact<Found|WentWrong>                                         $of
     * @param \Closure(PlannedPart, Fact<Found|WentWrong>): list<PricedWay> $ways
     */
    public function __construct(
        public PlannedPart $planned,
        public Fact $of,
        \Closure $ways,
        private Formatter $format,
    ) {
        $this->told = $of->content instanceof Found ? CausesOf::told($planned, $of->id) : [];
        $this->ranking = $of->content instanceof Found ? CausesOf::of($planned, $of->content, $of->atMin, $this->told) : null;
        $this->ways = $this->mayBeDecided() ? $ways($planned, $of) : [];
    }

    public function title(): string
    {
        return $this->of->content instanceof Found
            ? $this->format->word('defect', $this->of->content->defect)
            : $this->format->word('mishap', $this->of->content->mishap);
    }

    public function cue(): string
    {
        return $this->of->content instanceof Found ? (string) __("inspect.cue.{$this->of->content->defect->value}") : '';
    }

    /** Zone, place, size, count, depth: what was put down of it. */
    public function what(): string
    {
        $what = $this->of->content;
        if (! $what instanceof Found) {
            return implode(', ', array_filter([$what->zone, $what->grams === null ? '' : $this->format->grams($what->grams)]));
        }

        return implode(', ', array_filter([
            $what->zone,
            $what->alongMm === null ? '' : (string) __('inspect.at', [
                'along' => (string) round($what->alongMm), 'across' => (string) round((float) $what->acrossMm),
            ]),
            $what->sizeMm === null && $what->count === 1 ? '' : (string) __('inspect.what_it_is', [
                'n' => $what->count, 'size' => round($what->sizeMm(), 1).' mm',
            ]),
            $what->depthUm === null ? '' : $this->format->um($what->depthUm),
        ]));
    }

    public function isUnderWay(): bool
    {
        return FactOf::isUnderWay($this->planned, $this->of);
    }

    /** What was taken, while it is worked on or when it is through. */
    public function taken(): ?string
    {
        $way = DefectState::wayOf($this->planned->plan->log, $this->of->id);

        return $way === null ? null : (string) __('inspect.'.($this->isUnderWay() ? 'taken' : 'mended'), [
            'remedy' => lcfirst($this->format->word('remedy', $way->content->remedy)),
        ]);
    }

    /** Whether a way out may be taken: none is being worked on, and the job was not begun again since. */
    public function mayBeDecided(): bool
    {
        return ! $this->isUnderWay() && ! in_array($this->of, $this->planned->plan->log->before, true);
    }

    /** What is to be decided. */
    public function asks(): string
    {
        $key = $this->of->content instanceof WentWrong ? "inspect.ask.{$this->of->content->mishap->value}" : '';

        return (string) __(Lang::has($key) ? $key : 'inspect.ways');
    }

    /** What the press of a way says. */
    public function press(PricedWay $way): string
    {
        $key = "inspect.press.{$way->offer->remedy->value}";

        return (string) __(Lang::has($key) ? $key : 'inspect.take');
    }

    public function isJar(): bool
    {
        return $this->of->content instanceof WentWrong && $this->of->content->mishap === Mishap::WrongJar;
    }

    public function photo(): ?Photo
    {
        return $this->of->content instanceof Found && $this->of->content->photoId !== null
            ? Photo::query()->select(['id', 'part_id', 'width', 'height'])->where('part_id', $this->planned->part->id)
                ->find($this->of->content->photoId)
            : null;
    }

    public function lookFor(): ?Cause
    {
        return $this->ranking?->lookFor($this->told);
    }

    /** The one that the look would tell it from. */
    public function other(): string
    {
        $look = $this->lookFor();
        foreach (array_slice($this->ranking->suspects ?? [], 0, 2) as $suspect) {
            if ($suspect->cause !== $look) {
                return $this->format->word('cause', $suspect->cause);
            }
        }

        return '';
    }

    /** @return list<PricedWay> the best */
    public function best(): array
    {
        return array_slice(array_values(array_filter($this->ways, fn (PricedWay $w): bool => $w->fits())), 0, WaysOutOfIt::SHOWN);
    }

    /** @return list<PricedWay> all others */
    public function rest(): array
    {
        $best = $this->best();

        return array_values(array_filter($this->ways, fn (PricedWay $w): bool => ! in_array($w, $best, true)));
    }

    public function sign(Sign $sign): string
    {
        if ($sign->of === 'told') {
            return (string) __($sign->isFor() ? 'inspect.told_yes' : 'inspect.told_no');
        }
        $line = __("inspect.sign.{$sign->of}");
        if (is_array($line)) {
            return (string) $line[$sign->figure > 0.5 ? 0 : 1];
        }
        if ($sign->of === 'wipeAgeMin' && is_infinite($sign->figure)) {
            return (string) __('inspect.sign.never_wiped');
        }

        return (string) __("inspect.sign.{$sign->of}", [
            'n' => $sign->of === 'ratioOffPercent' ? sprintf('%+.1f', $sign->figure) : self::plain($sign->figure),
            'percent' => (string) round(100.0 * $sign->figure),
            'factor' => number_format($sign->figure, 1),
            'span' => $sign->of === 'wipeAgeMin' ? $this->format->span(max(0.0, $sign->figure)) : '',
        ]);
    }

    /** Why a way does not fit, with its figures. */
    public function why(PricedWay $way): string
    {
        return (string) __("inspect.why_not.{$way->why()}", array_map(fn (float $v): string => (string) round($v), $way->offer->args));
    }

    public function where(PricedWay $way): string
    {
        $content = $way->offer->content;

        return match (true) {
            $way->steps === [] => '',
            $content->patchCm2 > 0.0 => (string) __('inspect.place', ['cm2' => (string) round($content->patchCm2)]),
            $content->zone === '' => (string) __('inspect.whole'),
            default => (string) __('inspect.all_of', ['zone' => $content->zone]),
        };
    }

    /** What stays of film or clear at the place; of what is accepted, that its face does not pass with it. */
    public function leftBy(PricedWay $way): string
    {
        if (isset($way->offer->args['below'])) {
            return (string) __('inspect.accept_below');
        }
        $left = $way->offer->leftUm;

        return $left === null ? '' : (string) __($way->offer->content->lies === Lies::InClear ? 'inspect.left_clear' : 'inspect.left', [
            'um' => $this->format->um($left),
        ]);
    }

    /** What hands and materials of it cost, where the shop knows what they do. */
    private function cost(PricedWay $way): string
    {
        $part = $this->planned->part;

        return $way->steps === [] || PriceBook::hands($part->shop, 60.0) === null ? ''
            : ' · '.PriceBook::say($part->shop, max(0, $way->costMinor));
    }

    public function price(PricedWay $way): string
    {
        return (string) __($way->offer->remedy->isLeaving() ? 'inspect.price_leave' : 'inspect.price', [
            'ready' => $this->format->day($way->readyMin),
            'hands' => $this->format->span(max(0.0, $way->handsMin)),
            'grams' => $this->format->grams($way->grams),
            'risk' => $this->format->percent($way->offer->risk()),
        ]).$this->cost($way);
    }

    private static function plain(float $figure): string
    {
        return (string) (abs($figure) < 10.0 ? round($figure, 1) : round($figure));
    }
}
