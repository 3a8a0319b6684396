<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Material\Bond;
use OakGloss\Material\ClearCoat;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\Choice;
use OakGloss\Method\Choice\ClearOf;
use OakGloss\Method\Choice\FillerClearOf;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\SentPrice;
use OakGloss\Method\Choice\Stripes;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Optics\Finish;

/** What comes over the last resin: its flatting, filler clear, stripes, clear, polish. Methods that end so share it. */
final readonly class TopCoats
{
    /** Grits between which a gloss clear is flatted before the polish. */
    public const CLEAR_FROM = 1500;
    public const CLEAR_TO = 2500;

    /** And a filler clear before the last one. */
    public const FILLER_FROM = 240;
    public const FILLER_TO = 400;

    /** Over a raw moulding it is blocked to this. */
    private const MOULDING_TO = 320;
    /** A sprayed filler is soft so long after its flash: film goes on, and a pinhole can be pressed, min (ours). */
    private const SOFT_MIN = 30.0;
    /** Between two coats of varnish. */
    private const SCUFF = 600;
    /** It bears paper so long before it may be handled hard, as a share of that time (ours). */
    private const SCUFF_SHARE = 0.25;

    /** The scratch that each thing over the resin needs, P. */
    private const LAST_FROM = 320;
    public const UNDER_POLISH = 2000;
    private const UNDER_FILLER = 400;
    private const UNDER_CLEAR = 600;

    /** @return list<class-string<Choice<mixed>>> */
    public static function choices(bool $isFilled = true): array
    {
        return [
            ClearOf::class, ...($isFilled ? [FillerClearOf::class] : []), Stripes::class, SentOut::class, AwayDays::class, SentPrice::class,
        ];
    }

    /** @return list<Step> after the last resin and before clear */
    public function holes(Job $job): array
    {
        $openings = $job->choices->of(Openings::class);
        $rimM = $openings * M_PI * $job->choices->of(OpeningSize::class) / 1000.0;

        return [
            ...($job->brief->holes === 0 ? [] : [
                Step::of(Role::Drill)->taking(10.0 + $job->pace->drillPerHole * $job->brief->holes)
                    ->saying(['holes' => $job->brief->holes]),
            ]),
            ...($openings === 0 ? [] : [Step::of(Role::OpenUp)->taking($job->pace->trimming($rimM))->saying(['openings' => $openings])]),
        ];
    }

    /** @return list<Step> the resin warmed where it is to be, sanded to the scratch of what comes over it, and drilled */
    public function lastFlat(Job $job, string $lastCoat): array
    {
        $warm = $job->postCure;
        // A clear needs tooth; a polish needs none left.
        $to = match (true) {
            $job->choices->of(TopKind::class) === Top::PolishResin => self::UNDER_POLISH,
            $job->filler !== null => self::UNDER_FILLER,
            default => self::UNDER_CLEAR,
        };

        return [
            ...($warm === null ? [] : [
                Step::of(Role::PostCure)->after(Follow::onceSandable($lastCoat))->taking(10.0)
                    ->saying(['c' => (int) round($warm->celsius), 'hours' => (int) ceil($warm->minutes / 60.0)]),
            ]),
            Step::of(Role::LastFlat, 'wet-flat')->taking(5.0)->sandedWith(new Grits(self::LAST_FROM, $to, SandingMethod::WetBlock))
                ->after(match (true) {
                    $warm !== null => Follow::minutes($warm->minutes),
                    $job->choices->of(AgainstPrintThrough::class) === PrintThrough::Wait => Follow::onceSettled($lastCoat),
                    default => Follow::onceSandable($lastCoat),
                }),
            ...$this->holes($job),
        ];
    }

    /**
     * @param non-empty-list<Step>|null $then what comes after the surface; null for the last look alone
     *
     * @return list<Step>
     */
    public function of(Job $job, string $lastCoat, ?array $then = null): array
    {
        $then ??= [Step::of(Role::Inspect)->taking(10.0)];
        if ($job->choices->of(TopKind::class) === Top::PolishResin || $job->clear === null) {
            return [Step::of(Role::Polish)->taking(10.0 + $job->polishMin), ...$then];
        }

        return [...$this->filler($job, $lastCoat), ...$this->cleared($job, $job->clear, $this->clear($job, $job->clear), $then)];
    }

    /** @return list<Step> varnish or clear over two faces: of a brushed one each coat is flatted wet before the next */
    public function flattedBetween(Job $job): array
    {
        $then = [Step::of(Role::Inspect)->taking(10.0)];
        if ($job->clear === null || ! $job->clear->kind->isBrushed()) {
            return $this->of($job, '', $then);
        }
        $coats = [];
        foreach ($this->clear($job, $job->clear) as $i => $coat) {
            $scuffed = [
                $job->keyed(Role::Key, self::SCUFF, 0.5, 'scuff')->nth($i, isSaid: false)->named('scuff')
                    ->sandedWith(new Grits(self::SCUFF, self::SCUFF, SandingMethod::WetBlock))
                    ->after(Follow::minutes(max($job->clear->flashAt($job->air), self::SCUFF_SHARE * $job->clear->readyAt($job->air)))),
                $job->wipe("wipe-scuff-{$i}"),
            ];
            $coats = [...$coats, ...($i === 0 ? [] : $scuffed), $i === 0 ? $coat : $coat->after(Follow::minutes(10.0))];
        }

        return $this->cleared($job, $job->clear, $coats, $then);
    }

    /**
     * Filler clear straight on a moulding, whose weave lies just under: heavy coats wet on wet, pinholes looked for while
     * they can be pressed or spotted, blocked to the scratch of the clear, clear.
     *
     * @return list<Step>
     */
    public function overMoulding(Job $job): array
    {
        if ($job->filler === null || $job->clear === null) {
            return [Step::of(Role::Inspect)->taking(10.0)];
        }
        $coats = $this->fillerCoats($job, $job->filler, self::MOULDING_TO);
        $spray = array_shift($coats);
        if ($job->filler->needsReleaseFilm) {
            $coats[0] = $coats[0]->after(Follow::minutes(0.0, self::SOFT_MIN));
        }

        return [
            $spray->named('filler_heavy'),
            Step::of(Role::Pinholes)
                ->after(Follow::minutes($job->filler->flashAt($job->air), $job->filler->flashAt($job->air) + self::SOFT_MIN))
                ->taking(5.0 + 4.0 * $job->areaM2),
            ...$coats,
            ...$this->cleared($job, $job->clear, $this->clear($job, $job->clear), [Step::of(Role::Inspect)->taking(10.0)]),
        ];
    }

    /** @return list<Step> the same over resin of doubtful soundness: a tie coat of the clear first, flashed, then wet coats */
    public function tied(Job $job): array
    {
        if ($job->clear === null) {
            return [Step::of(Role::Inspect)->taking(10.0)];
        }
        $coats = $this->clear($job, $job->clear);
        $tie = $job->pace->spraying($job->areaM2) + $job->clear->flashAt($job->air);
        $coats[0] = $job->clear->kind->isBrushed() ? $coats[0] : $coats[0]->named('clear_tied')->taking($coats[0]->handsMin + $tie);

        return $this->cleared($job, $job->clear, $coats, [Step::of(Role::Inspect)->taking(10.0)]);
    }

    /**
     * @param list<Step>           $coats
     * @param non-empty-list<Step> $then
     *
     * @return list<Step> stripes, the coats of clear, what is done to them, and what comes then
     */
    private function cleared(Job $job, ClearCoat $clear, array $coats, array $then): array
    {
        $ready = Follow::minutes($clear->readyAt($job->air));
        $steps = [$job->wipe('wipe-5'), ...$this->stripes($job), ...$coats];

        $polish = $clear->polishAt($job->air);

        if ($polish === null || $job->brief->finish !== Finish::Gloss) {
            return [...$steps, $then[0]->after($ready), ...array_slice($then, 1)];
        }

        return [
            ...$steps,
            $this->flat(Role::ClearFlat, self::CLEAR_FROM, self::CLEAR_TO, $clear)->after(Follow::minutes($polish)),
            Step::of(Role::Polish)->taking(10.0 + $job->polishMin),
            ...$then,
        ];
    }

    /** @return list<Step> filler clear, blocked flat; polyester hardens under release film only */
    private function filler(Job $job, string $lastCoat): array
    {
        $filler = $job->filler;
        if ($filler === null) {
            return [];
        }
        // The amine of a young epoxy stops a polyester from hardening, and so does its blush.
        $under = $job->fillerBond() !== Bond::FullCureWashKey ? [$job->wipe('wipe-filler')] : [
            $job->wipe('wipe-filler', 'wash_blush')->after(Follow::onceCured($lastCoat))
                ->taking(5.0 + 2.0 * $job->pace->wiping($job->areaM2)),
            $job->keyed(Role::Key, self::FILLER_TO, 0.6, 'key-filler')->named('key')
                ->sandedWith(new Grits(self::FILLER_TO, self::FILLER_TO, SandingMethod::WetBlock)),
            $job->wipe('wipe-filler-key'),
        ];

        return [...$under, ...$this->fillerCoats($job, $filler, self::FILLER_TO)];
    }

    /** @return non-empty-list<Step> sprayed in one go, under film where it is polyester, washed and blocked flat */
    private function fillerCoats(Job $job, ClearCoat $filler, int $to): array
    {
        $wash = Step::of(Role::FillerWash)->after(Follow::minutes($filler->readyAt($job->air)))
            ->taking($job->pace->wiping($job->areaM2));

        return [
            Step::of(Role::FillerClear, 'filler')->after(Follow::minutes(10.0))
                ->taking($this->spraying($job, $filler, $job->coats->filler))
                ->saying(['coats' => $job->coats->filler])->minding(...self::mist($filler)),
            ...(! $filler->needsReleaseFilm ? [$wash] : [
                Step::of(Role::FilmOver, 'release-film')
                    ->after(Follow::minutes($filler->flashAt($job->air), $filler->flashAt($job->air) + self::SOFT_MIN))
                    ->taking(5.0 + 10.0 * $job->areaM2),
                $wash->named('film_off'),
            ]),
            $this->flat(Role::FillerFlat, self::FILLER_FROM, $to, $filler),
        ];
    }

    private function flat(Role $role, int $from, int $to, ClearCoat $in): Step
    {
        $grits = new Grits($from, $to, SandingMethod::WetBlock, inClear: true, peelUm: $in->sprayed->peelUm());

        return Step::of($role)->taking(5.0)->sandedWith($grits);
    }

    /** @return list<Step> on the wiped part, and dusted off for what comes over them */
    private function stripes(Job $job): array
    {
        $steps = [];
        for ($n = 1; $n <= $job->choices->of(Stripes::class); $n++) {
            $steps[] = Step::of(Role::MaskLine)->nth($n)->taking(12.0);
            $steps[] = Step::of(Role::Stripe)->nth($n)->taking(6.0);
            $steps[] = Step::of(Role::Unmask)->nth($n)->after(Follow::minutes(20.0))->taking(4.0);
        }

        // Solvent would take the fresh colour off.
        return $steps === [] ? [] : [...$steps, Step::of(Role::TackRag)->taking(2.0 + $job->areaM2)];
    }

    /** @return list<Step> sprayed coats in one go with their flashes; brushed ones each by itself, in its recoat window */
    private function clear(Job $job, ClearCoat $clear): array
    {
        $of = $job->coats->clear;
        if (! $clear->kind->isBrushed()) {
            return [
                Step::of(Role::Clear)->named($job->brief->sides === null ? 'clear' : 'clear_hung')
                    ->after(Follow::minutes(10.0))->taking($this->spraying($job, $clear, $of))
                    ->saying(['coats' => $of])->minding(...self::mist($clear)),
            ];
        }
        $again = Follow::minutes($clear->flashAt($job->air), $clear->recoatUntilAt($job->air));

        return array_map(
            fn (int $n): Step => Step::of(Role::Varnish)->nth($n, $of)->named($job->brief->sides === null ? 'varnish' : 'varnish_hung')
                ->after($n === 1 ? Follow::minutes(10.0) : $again)
                ->taking($job->pace->coating($job->areaM2))->minding(Caution::SolventRags),
            range(1, $of),
        );
    }

    private function spraying(Job $job, ClearCoat $clear, int $coats): float
    {
        return 10.0 + $coats * $job->pace->spraying($job->areaM2) + ($coats - 1) * $clear->flashAt($job->air);
    }

    /** @return list<Caution> */
    public static function mist(ClearCoat $clear): array
    {
        return [$clear->isocyanate ? Caution::Isocyanate : Caution::SprayMist, ...($clear->needsReleaseFilm ? [Caution::Styrene] : [])];
    }
}
