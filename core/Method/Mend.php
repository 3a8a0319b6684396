<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Remedy;
use OakGloss\Material\AidKind;
use OakGloss\Optics\Finish;

/**
 * A way out that was taken, as steps of the job: on one place, on one zone, or over the part. Each is told in the order in
 * which hands go about it; what lies in the clear is mended in the clear.
 */
final readonly class Mend
{
    /** A square metre of a place is not worked like one of a face: each place takes so long at least, minutes (ours). */
    private const PLACE_MIN = 3.0;

    /** And so much for each square decimetre of it. */
    private const PLACE_MIN_DM2 = 1.5;

    /** A flow of warm air over fresh bubbles, minutes for each square metre (ours). */
    private const HOT_AIR_MIN_M2 = 8.0;

    /** Dry or wetted cloth taken off, a soft coat scraped off, minutes for each square metre (ours). */
    private const CLOTH_OFF_MIN_M2 = 6.0;
    private const SCRAPE_MIN_M2 = 30.0;

    /** A job begun again: soft resin and loose cloth off a part, or a form cleaned, minutes for each m² (ours). */
    private const SOFT_MIN_M2 = 40.0;
    private const CLEAN_MIN_M2 = 20.0;

    /** Clear is flatted to this before more of it, P. */
    private const UNDER_CLEAR = 800;

    /** Out of the warm box and to the bench, minutes (ours). */
    private const OUT_MIN = 3.0;

    /**
     * @param string      $prefix     of its steps' keys
     * @param string      $zone       empty for the whole part
     * @param float       $patchM2    of a place; 0 for all of the zone
     * @param int         $coats      that go on it
     * @param float       $deeperUm   that goes besides what flatting takes
     * @param int         $from       paper it is begun with, P
     * @param int         $to         and ended with
     * @param int         $level      paper to which fresh resin is levelled again; 0 where a flatting is still to come
     * @param float       $celsius    of a hold
     * @param int         $hours      of it
     * @param bool        $isCleared  clear lay over it: it is cleared again
     * @param bool        $isFinished clear is flatted and polished again, no step ahead does it
     * @param float|null  $withinMin  of the coat, while it is wet; null where it may wait
     * @param string|null $under      the newest coat below
     */
    public function __construct(
        public string $prefix,
        public Remedy $remedy,
        public Lies $lies = Lies::InResin,
        public string $zone = '',
        public float $patchM2 = 0.0,
        public int $coats = 0,
        public float $deeperUm = 0.0,
        public int $from = 240,
        public int $to = 320,
        public int $level = 0,
        public float $celsius = 0.0,
        public int $hours = 0,
        public bool $isCleared = false,
        public bool $isFinished = false,
        public ?float $withinMin = null,
        public ?string $under = null,
    ) {
    }

    /** @return list<Step> */
    public function steps(Job $job): array
    {
        return array_map($this->placed(...), [...$this->itself($job), ...($this->isCleared ? $this->cleared($job) : [])]);
    }

    /** @return list<Step> */
    private function itself(Job $job): array
    {
        return match ($this->remedy) {
            Remedy::Accept, Remedy::Bury, Remedy::NewCup, Remedy::Later, Remedy::Unharmed => [],
            Remedy::WorkWet => [$this->wet('wet')->taking($this->placeMin())],
            Remedy::HotAir => [
                $this->wet('air')->named('mend_hot_air')->taking(2.0 + self::HOT_AIR_MIN_M2 * $this->areaM2($job)),
            ],
            Remedy::Shift => [$this->wet('shift')->named('mend_shift')->taking(5.0 + 5.0 * $job->areaM2)],
            Remedy::Relay => [$this->clothOff($job, 'lift'), $this->layAgain($job, 'mend_relay')],
            Remedy::Remist => [
                $this->clothOff($job, 'lift'),
                $this->of(Role::Adhesive, 'mist')->named('mend_mist')->taking(3.0 + 5.0 * $job->areaM2),
                $this->layAgain($job, 'mend_relay_mist')
                    ->after(Follow::minutes($job->aid(AidKind::Adhesive)->readyMin, $job->aid(AidKind::Adhesive)->holdsMin)),
            ],
            Remedy::NewPiece => [$this->clothOff($job, 'pull'), $this->layAgain($job, 'mend_new_piece')],
            Remedy::TackCoat => [$this->clothOff($job, 'pull'), ...$this->onTackCoat($job)],
            Remedy::StripWet => [
                $this->clothOff($job, 'strip'),
                $this->of(Role::Wipe, 'wash')->named('mend_wash_base')->taking(8.0 + 20.0 * $this->areaM2($job)),
                ...$this->onTackCoat($job),
            ],
            Remedy::TakeOff => [
                $this->of(Role::MendOpen, 'scrape')->named('mend_scrape')->taking(10.0 + self::SCRAPE_MIN_M2 * $job->areaM2),
                $this->of(Role::Wipe, 'wash')->named('mend_wash_off')->taking(8.0 + 20.0 * $job->areaM2),
            ],
            Remedy::StartOver => [$this->stripped($job)],
            Remedy::WashOff => [$this->wet('off')->named('mend_wash_off')->taking(8.0 + 20.0 * $this->areaM2($job))],
            Remedy::Wash => [
                $this->of(Role::Wipe, 'wash')->named('mend_wash')->after($this->once('onceSet'))
                    ->taking(3.0 + 2.0 * $job->pace->wiping($this->areaM2($job))),
            ],
            Remedy::CoatNow => [$this->coat($job, 1)->after($this->under === null ? Follow::freely() : Follow::whileTacky($this->under))],
            Remedy::SandOut => [$this->flat($this->from, $this->to), ...$this->wiped($job)],
            Remedy::Finer => [$this->flat($this->from, $this->to), ...($this->isFinished ? [$this->polish($job)] : $this->wiped($job))],
            Remedy::Flood => [...$this->wiped($job), ...$this->coats($job), ...$this->levelled($job)],
            Remedy::SandAndCoat => [
                $this->flat($this->from, $this->to), ...$this->wiped($job), ...$this->coats($job), ...$this->levelled($job),
            ],
            Remedy::SpotFill => [
                $this->sand('key', 'mend_key')->after($this->once('onceSandable')), ...$this->wiped($job),
                ...$this->coats($job), ...$this->levelled($job),
            ],
            Remedy::Cover => [
                ...$this->wiped($job),
                $this->of(Role::MendOpen, 'tint')->named('mend_tint')->taking($this->placeMin()),
                ...$this->coats($job), ...$this->levelled($job),
            ],
            Remedy::Inject => [
                $this->of(Role::MendOpen, 'slit')->taking($this->placeMin())->after($this->once('onceSet')),
                ...$this->coats($job, 'mend_inject'), ...$this->levelled($job),
            ],
            Remedy::Splice => [
                $this->of(Role::MaskWide, 'mask')->taking(5.0),
                // A skin is on its part: nobody gets behind it, and the weave is let in from the front.
                $this->of(Role::CutOut, 'cut')->named('mend_cut')->taking(5.0 + 2.0 * $this->placeMin())
                    ->after($this->once('onceSandable')),
                ...$this->wiped($job),
                $this->of(Role::Splice, 'ply')->named('mend_let_in')->laying($job->weightOf(Role::Splice))
                    ->onPlace($this->zone, $this->patchM2)->taking(5.0 + $this->placeMin()),
                ...$this->coats($job, under: "{$this->prefix}-ply"),
                $this->of(Role::UnmaskFaces, 'unmask')->after(Follow::minutes(15.0))->taking(3.0),
                ...$this->levelled($job),
            ],
            Remedy::Trim => [$this->of(Role::Trim, 'trim')->taking($this->placeMin())->after($this->once('onceSet'))],
            Remedy::Hold => [
                $this->of(Role::PostCure, 'hold')->taking(10.0)->saying(['c' => (int) round($this->celsius), 'hours' => $this->hours]),
                $this->of(Role::MendOpen, 'out')->named('mend_out')->taking(self::OUT_MIN)->after(Follow::minutes(60.0 * $this->hours)),
                // What printed through is still there: it is flatted once it prints no more.
                ...($this->to === 0 ? [] : [$this->flat($this->from, $this->to)->after(Follow::freely()), ...$this->wiped($job)]),
            ],
            Remedy::Repolish => [
                $this->clearFlat($job, TopCoats::CLEAR_FROM, TopCoats::CLEAR_TO, 'peel'),
                ...($this->isFinished ? [$this->polish($job)] : []),
            ],
            Remedy::Reclear => $this->cleared($job),
        };
    }

    /** The coat that ends it; null where it lays none. */
    public function lastCoat(): ?string
    {
        return match ($this->remedy) {
            Remedy::CoatNow => "{$this->prefix}-coat-1",
            Remedy::TackCoat, Remedy::StripWet => "{$this->prefix}-tack",
            Remedy::SandAndCoat, Remedy::Flood, Remedy::SpotFill, Remedy::Cover, Remedy::Inject,
            Remedy::Splice => "{$this->prefix}-coat-".max(1, $this->coats),
            default => null,
        };
    }

    /** Whether all of the part is freshly coated by it. */
    public function isOverAll(): bool
    {
        return $this->zone === '' && $this->patchM2 === 0.0;
    }

    private function clothOff(Job $job, string $key): Step
    {
        return $this->of(Role::MendWet, $key)->named("mend_{$key}")->taking(3.0 + self::CLOTH_OFF_MIN_M2 * $job->areaM2);
    }

    /** In what the base holds still; a new piece is cut for it before the old one is pulled. */
    private function layAgain(Job $job, string $name): Step
    {
        return $this->of(Role::MendLay, 'lay')->named($name)
            ->after(Follow::minutes(0.0, $this->withinMin))->taking($job->pace->laying($job->areaM2));
    }

    /** @return list<Step> the base keyed, and a new piece in the tack of a fresh thin coat */
    private function onTackCoat(Job $job): array
    {
        return [
            $job->keyed(Role::KeyBase, LaidDry::KEY, 0.6, "{$this->prefix}-key")->mending()->after($this->once('onceSandable')),
            $this->of(Role::Wipe, 'wipe')->named('mend_wipe')->taking(max(2.0, $job->pace->wiping($job->areaM2))),
            $job->coat(Role::Tack, "{$this->prefix}-tack")->mending()->after(Follow::minutes(5.0)),
            $this->of(Role::MendLay, 'lay')->named('mend_new_piece')
                ->after(Follow::whileTacky("{$this->prefix}-tack"))->taking($job->pace->laying($job->areaM2)),
        ];
    }

    /** What lies on the part comes off down to what it was made ready as; a form is cleaned, what was made on it thrown away. */
    private function stripped(Job $job): Step
    {
        [$name, $min] = match ($this->lies) {
            Lies::OnForm => ['mend_clean_form', $job->pace->stripMin + self::CLEAN_MIN_M2 * $job->areaM2],
            Lies::InCloth => ['mend_strip_soft', $job->pace->stripMin + self::SOFT_MIN_M2 * $job->areaM2],
            default => ['mend_strip_hard', $job->pace->stripping($job->areaM2)],
        };

        return $this->of(Role::Strip, 'strip')->named($name)->taking($min)
            ->minding(Caution::HotAir, Caution::Knife, Caution::Rotary, Caution::Dust);
    }

    private function of(Role $role, string $key): Step
    {
        return Step::of($role, "{$this->prefix}-{$key}")->mending();
    }

    /** Into a film that is wet: it can't wait. */
    private function wet(string $key): Step
    {
        return $this->of(Role::MendWet, $key)->after($this->withinMin === null ? Follow::freely() : Follow::minutes(0.0, $this->withinMin));
    }

    /** A wait for the coat below, where there is one. */
    private function once(string $what): Follow
    {
        return match (true) {
            $this->under === null => Follow::freely(),
            $what === 'onceSet' => Follow::onceSet($this->under),
            default => Follow::onceSandable($this->under),
        };
    }

    private function flat(int $from, int $to): Step
    {
        $isInClear = $this->lies === Lies::InClear;

        $driven = $from < 320 ? SandingMethod::DryBlock : SandingMethod::WetBlock;

        return $this->of(Role::MendFlat, 'flat')->taking(3.0)->after($isInClear ? Follow::freely() : $this->once('onceSandable'))
            ->sandedWith(new Grits($from, $to, $driven, $isInClear, only: $this->only()))
            ->lowering($isInClear ? 0.0 : $this->deeperUm);
    }

    /** A place, by hand. */
    private function sand(string $key, string $name): Step
    {
        return $this->of(Role::MendSand, $key)->named($name)->taking($this->placeMin());
    }

    /** @return list<Step> two clean wipes of what was sanded */
    private function wiped(Job $job, string $after = ''): array
    {
        return [$this->of(Role::Wipe, "wipe{$after}")->named('mend_wipe')->taking(max(2.0, 2.0 * $job->pace->wiping($this->areaM2($job))))];
    }

    /** @return list<Step> */
    private function coats(Job $job, string $name = 'mend_coat', ?string $under = null): array
    {
        $steps = [];
        for ($n = 1; $n <= max(1, $this->coats); $n++) {
            $below = $n === 1 ? $under : "{$this->prefix}-coat-".($n - 1);
            $steps[] = $this->coat($job, $n)->named($name)
                ->after($below === null ? Follow::minutes(5.0) : Follow::whileTacky($below));
        }

        return $steps;
    }

    private function coat(Job $job, int $n): Step
    {
        $coat = $job->coat(Role::MendCoat, "{$this->prefix}-coat", $this->only())->nth($n)->named('mend_coat');

        return $this->patchM2 > 0.0 ? $coat->onPlace($this->zone, $this->patchM2)->taking(4.0 + $this->placeMin()) : $coat;
    }

    /** @return list<Step> where no flatting is to come: fresh resin sanded back to the face around it */
    private function levelled(Job $job): array
    {
        if ($this->level === 0) {
            return [];
        }
        $cured = Follow::onceSandable((string) $this->lastCoat());
        if ($this->patchM2 > 0.0) {
            return [$this->sand('level', 'mend_level')->taking(3.0 + 2.0 * $this->placeMin())->after($cured)];
        }

        return [
            $this->of(Role::MendFlat, 'level')->named('mend_relevel')->taking(3.0)->after($cured)
                ->sandedWith(new Grits(240, $this->level, SandingMethod::WetBlock, only: $this->only())),
            $this->of(Role::Wipe, 'wipe-level')->named('mend_wipe')->taking(max(2.0, $job->pace->wiping($this->areaM2($job)))),
        ];
    }

    /** @return list<Step> */
    private function cleared(Job $job): array
    {
        if ($job->clear === null) {
            return [];
        }
        $spray = $this->of(Role::MendSpray, 'clear')->after(Follow::minutes(10.0))->saying(['coats' => $job->coats->clear])
            ->taking(10.0 + $job->coats->clear * $job->pace->spraying($this->areaM2($job))
                + ($job->coats->clear - 1) * $job->clear->flashAt($job->air))
            ->minding(...TopCoats::mist($job->clear));
        $ready = Follow::minutes($job->clear->readyAt($job->air));
        $isPolished = $job->brief->finish === Finish::Gloss;

        return [
            // Where all of the face was sanded for it, no clear is left there to be keyed.
            ...($this->sandsFace() ? [] : [
                $this->clearFlat($job, $this->remedy === Remedy::Reclear ? $this->from : self::UNDER_CLEAR, self::UNDER_CLEAR, 'key'),
                ...$this->wiped($job, '-clear'),
            ]),
            $spray,
            ...($isPolished && $this->isFinished
                ? [$this->clearFlat($job, TopCoats::CLEAR_FROM, TopCoats::CLEAR_TO, 'peel')->after($ready), $this->polish($job)]
                : [$this->of(Role::MendOpen, 'ready')->named('mend_ready')->taking(2.0)->after($ready)]),
        ];
    }

    private function sandsFace(): bool
    {
        return in_array($this->remedy, [Remedy::SandOut, Remedy::SandAndCoat, Remedy::Hold], true);
    }

    private function polish(Job $job): Step
    {
        return $this->of(Role::Polish, 'polish')->taking(10.0 + $job->polishMin * $this->areaM2($job) / $job->areaM2);
    }

    private function clearFlat(Job $job, int $from, int $to, string $key): Step
    {
        $peel = $job->clear?->sprayed->peelUm() ?? 0.0;

        return $this->of(Role::MendFlat, $key)->named("mend_clear_{$key}")->taking(3.0)
            ->sandedWith(new Grits(min($from, $to), $to, SandingMethod::WetBlock, true, $peel, only: $this->only()));
    }

    private function areaM2(Job $job): float
    {
        return $this->patchM2 > 0.0 ? $this->patchM2 : $job->brief->areaOf($this->only());
    }

    private function placeMin(): float
    {
        return self::PLACE_MIN + self::PLACE_MIN_DM2 * 100.0 * $this->patchM2;
    }

    /** @return list<string>|null */
    private function only(): ?array
    {
        return $this->zone === '' ? null : [$this->zone];
    }

    /** Where it is, in the words of each step; it lies in the part of the job in which it was found. */
    private function placed(Step $step): Step
    {
        return $step->at($this->zone);
    }
}
