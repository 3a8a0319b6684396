<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\WindowOption;
use App\Money\PriceBook;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Fact\Kind\AirChanged;

/** What the bench says before the shop closes: windows that fall into closed hours, and what each way out of it costs. */
final readonly class Evening
{
    /** Sooner or later by less is the same time, minutes. */
    private const SAME_MIN = 1.0;

    /** Others that move by less are not spoken of, minutes. */
    private const OTHERS_MIN = 15.0;

    /**
     * @var list<array{
     *     planned: PlannedPart, step: string, what: string,
     *     ways: list<array{code: string, words: string, price: string, isPlanned: bool}>, warms: bool,
     * }>
     */
    public array $cases;

    /**
     * @param list<array{part: int, step: string, opens: float, closes: float, ways: list<WindowOption>}> $cases
     * @param array<int, PlannedPart>                                                                     $plans
     */
    public function __construct(array $cases, array $plans, public ?float $closes, private Formatter $format)
    {
        $this->cases = array_map(fn (array $case): array => $this->words($case, $plans[$case['part']]), $cases);
    }

    /**
     * @param array{part: int, step: string, opens: float, closes: float, ways: list<WindowOption>} $case
     *
     * @return array{
     *     planned: PlannedPart, step: string, what: string,
     *     ways: list<array{code: string, words: string, price: string, isPlanned: bool}>, warms: bool,
     * }
     */
    private function words(array $case, PlannedPart $planned): array
    {
        $step = $planned->plan->step($case['step']);

        return [
            'planned' => $planned,
            'step' => $step === null ? '' : $this->format->step($step->step),
            'what' => (string) __($case['opens'] > $this->closes ? 'bench.opens_after' : 'bench.no_place', [
                'after' => $this->format->span($case['opens'] - (float) $this->closes),
                'until' => $this->format->when($case['closes']),
            ]),
            'ways' => array_map(fn (WindowOption $way): array => [
                'code' => $way->code,
                'words' => $way->words($this->format),
                'price' => $this->price($way, $planned),
                'isPlanned' => $way->isPlanned,
            ], $case['ways']),
            'warms' => array_filter($case['ways'], fn (WindowOption $way): bool => $way->code === 'warm') !== [],
        ];
    }

    private function price(WindowOption $way, PlannedPart $planned): string
    {
        $hands = match (true) {
            $way->overMin > 0.0 => __('bench.over_hours', ['span' => $this->format->span($way->overMin)]),
            $way->code === 'key' => __('bench.keying', ['span' => $this->format->span($way->handsMin - $planned->plan->handsAheadMin())]),
            $way->code === 'tomorrow' => null,
            default => __('bench.coat_then', ['at' => $this->format->when($way->atMin)]),
        };
        $stays = abs(($way->readyMin ?? 0.0) - ($planned->schedule->readyMin() ?? 0.0)) < self::SAME_MIN;
        $others = abs($way->othersLaterMin) < self::OTHERS_MIN ? null : __(
            $way->othersLaterMin > 0.0 ? 'bench.others_later' : 'bench.others_sooner',
            ['span' => $this->format->span(abs($way->othersLaterMin))],
        );

        return implode(' · ', array_filter([
            $hands,
            __($stays ? 'bench.ready_stays' : 'bench.ready', ['at' => $this->format->day($way->readyMin)]),
            $others,
            $this->cost($way, $planned),
        ]));
    }

    /** Hands more than planned, and hours of a box: what they cost where the shop knows; null where that is nothing. */
    private function cost(WindowOption $way, PlannedPart $planned): ?string
    {
        $shop = $planned->part->shop;
        $warm = 0.0;
        foreach ($way->facts as $draft) {
            $warm += $draft->content instanceof AirChanged && $way->code === 'warm' ? $draft->content->until - $draft->content->from : 0.0;
        }
        $more = max(0.0, $way->handsMin - $planned->plan->handsAheadMin()) + $way->overMin;
        $minor = (int) PriceBook::hands($shop, $more) + (int) PriceBook::box($shop, $warm);

        return $minor === 0 ? null : (string) __('money.costs', ['sum' => $shop->money()->say($minor)]);
    }
}
