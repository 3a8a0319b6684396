<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Clear;
use App\Models\Part;
use App\Models\Shop;
use App\Planning\FewCups;
use App\Planning\MethodFields;
use App\Planning\Planner;
use App\Planning\Shapes;
use Illuminate\Support\Facades\Cache;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Wish;
use OakGloss\Cloth\SheetYield;
use OakGloss\Material\Backing;
use OakGloss\Material\ClearKind;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Slot;
use OakGloss\Method\Ways;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\OakGlossFault;

/** The way to take and the runner-up, each planned on a part like the one that is wished for. */
final class Proposals
{
    /** More are not planned for the sake of a comparison. */
    private const MOST_PLANNED = 4;

    private const SHOWN = 2;

    private const KEPT_S = 600;

    public function __construct(
        private readonly Planner $planner,
        private readonly MethodForm $withWhat,
        private readonly FewCups $fewCups,
    ) {
    }

    /**
     * @param array{length: float, width: float} $mm about how large
     *
     * @return array{best: list<Proposal>, others: list<Proposal>, ways: Ways} `others` are what the shelf or the sizes forbid
     */
    public function of(Wish $wish, array $mm, Shop $shop): array
    {
        $ways = Ways::for($wish);
        [$best, $others] = [[], []];
        foreach (array_slice(array_keys($ways->offered), 0, self::MOST_PLANNED) as $code) {
            $proposal = new Proposal($code, $ways->offered[$code], ...$this->plan($code, $this->brief($code, $wish, $mm, $shop), $shop));
            $proposal->canBePlanned() ? $best[] = $proposal : $others[] = $proposal;
            if (count($best) === self::SHOWN) {
                break;
            }
        }

        return ['best' => $best, 'others' => $others, 'ways' => $ways];
    }

    /**
     * What the form of a method begins with for a wish; its resins are such as these hands spread in time over so large a part.
     *
     * @param array{length: float, width: float} $mm
     *
     * @return array<string, mixed>
     */
    public function brief(string $code, Wish $wish, array $mm, Shop $shop): array
    {
        $brief = $this->asUsual($code, $wish, $mm, $shop);
        $plan = $this->plan($code, $brief, $shop)[0];

        return $plan === null ? $brief : $this->fewCups->instead($plan, Methods::named($code), $shop) + $brief;
    }

    /**
     * @param array{length: float, width: float} $mm
     *
     * @return array<string, mixed>
     */
    private function asUsual(string $code, Wish $wish, array $mm, Shop $shop): array
    {
        $method = Methods::named($code);
        $shape = self::shape($method, $wish->form);
        $substrates = array_map(fn (Substrate $s): string => $s->value, $method->substrates());
        $stands = $this->withWhat->of($method, $shop, null, $shop->parts()->latest('id')->first())['stands'];

        return [
            'method' => $code,
            'substrate' => in_array($wish->substrate->value, $substrates, true) ? $wish->substrate->value : $substrates[0],
            'shape' => $shape,
            'unit' => 'mm',
            'sizes' => self::sizes($shape, $mm['length'], $mm['width'], $wish->pieces),
            'finish' => $wish->finish->value,
            'wrap_mm' => 30,
            'holes' => 0,
        ] + array_filter(['sun' => $wish->sun, 'heat' => $wish->heat, 'wear' => $wish->wear])
          + self::surface($wish->finish, $shop)
          + array_map(fn (mixed $v): mixed => $v instanceof \BackedEnum ? $v->value : $v, $stands)
          + ['backing' => Backing::Black->value, 'tone' => Tone::Black->value];
    }

    /**
     * @param array<string, mixed> $brief
     *
     * @return array{FinishPlan|null, float|null} and in how many minutes it would be ready
     */
    private function plan(string $code, array $brief, Shop $shop): array
    {
        $part = new Part(MethodFields::of(Methods::named($code))->columns($brief, $shop) + $brief + [
            'shop_id' => $shop->id, 'name' => '', 'letter' => 'A', 'primed' => false, 'sun' => false, 'heat' => false, 'wear' => false,
            'zones' => [], 'zones_typed' => false,
        ]);
        if (! in_array(Slot::Base, Methods::named($code)->needs(), true)) {
            $part->backing = Backing::Untinted;
        }
        $part->setRelation('shop', $shop)->loadMissing('slots');
        // Sheets never change, so their numbers stand for them; those of no open part are not in the planner's state.
        $asked = md5(serialize([$part->getAttributes(), $part->sheetIds()]));

        return Cache::remember("way-{$asked}-{$this->planner->state($shop)}", self::KEPT_S, function () use ($part): array {
            try {
                $planned = $this->planner->plan($part);
            } catch (OakGlossFault|\DomainException) {
                return [null, null];
            }
            $ready = $planned->schedule->readyMin();

            return [$planned->plan, $ready === null ? null : $ready - $planned->floor->nowMin];
        });
    }

    private static function shape(Method $method, Form $form): string
    {
        return Shapes::fitting($method, match ($form) {
            Form::Flat => 'panel',
            Form::Curved => 'bent_panel',
            Form::Deep => 'box',
        });
    }

    /** @return array<string, float> of a shape about so large; whoever takes it types its own */
    private static function sizes(string $shape, float $length, float $width, int $pieces): array
    {
        $sheet = SheetYield::sheetFor($pieces, $length, $width);
        $all = [
            'length' => $shape === 'sheet' ? $sheet['lengthMm'] : $length,
            'width' => $shape === 'sheet' ? $sheet['widthMm'] : $width,
            'height' => round(0.3 * $width, 1), 'top' => round(0.6 * $width, 1),
            'flank' => round(0.4 * $width, 1), 'bend_deg' => 45.0, 'bend_radius' => 12.0, 'edge_radius' => 3.0,
            'part_length' => $length, 'part_width' => $width, 'filled' => 60.0,
            'damage_length' => 30.0, 'damage_width' => 10.0, 'around' => 40.0, 'whole_length' => $length, 'whole_width' => $width,
        ];

        return array_intersect_key($all, array_flip(Shapes::SIZES[$shape]));
    }

    /** @return array<string, mixed> satin and matt come from a clear alone */
    private static function surface(Finish $finish, Shop $shop): array
    {
        $clear = $finish === Finish::Gloss ? null : Clear::query()->where('shop_id', $shop->id)->current()
            ->whereNot('kind', ClearKind::Filler->value)->where('sheen', $finish->value)->orderBy('name')->value('id');

        return $clear === null ? [] : ['top' => 'clear', 'clear_id' => $clear];
    }
}
