<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Material\AidKind;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\CoveredWith;
use OakGloss\Method\Choice\HeldBefore;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Choice\SecondPasses;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choice\Turning;

/**
 * M2: one thin ply on a sheet-metal body panel. Primer and filler blocked flat, a pigmented base that sets before any
 * resin goes on the cloth, coats at tack, filler clear blocked flat, clear.
 */
final class SheetMetal implements Method
{
    /** A heavier ply works against metal that moves otherwise than it, g/m² (ours). */
    public const THIN_PLY_GM2 = 250.0;

    /** Where all faces are so level a veil on the back keeps cut edges whole, degrees (ours). */
    private const NEARLY_FLAT_DEG = 20.0;

    private const KEY = 180;

    public static function code(): string
    {
        return 'sheet_metal';
    }

    public function startsFrom(): Start
    {
        return Start::Part;
    }

    public function substrates(): array
    {
        return [Substrate::Steel, Substrate::Aluminium];
    }

    public function needs(): array
    {
        return [Slot::Base, Slot::Skin, Slot::Cloth, Slot::FillerClear, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [Slot::Primer, Slot::BodyFiller];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Build, Stage::Level, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 1;
    }

    public function usual(): Usual
    {
        return new Usual();
    }

    public function example(): Example
    {
        return Example::bent(Substrate::Steel);
    }

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
    }

    public function choices(): array
    {
        return Listed::settled([
            BuildCoats::class, SecondPasses::class, BuildWeight::class => [Role::ResinFlat], Turning::class => [Role::ResinFlat],
            Tilting::class => [Role::ResinFlat], AgainstPrintThrough::class, CoveredWith::class, HeldBefore::class,
            Openings::class, OpeningSize::class, ...TopCoats::choices(),
        ]);
    }

    public function refusals(Job $job): array
    {
        $refused = [];
        if (! in_array($job->brief->substrate, $this->substrates(), true)) {
            $refused[] = new Finding(Severity::Refuse, 'method.metal_only', ['substrate' => $job->brief->substrate->value], 'method');
        }
        if ($job->brief->backing === Backing::Untinted || $job->basePigment() <= 0.0) {
            $refused[] = new Finding(Severity::Refuse, 'method.base_pigment', [], $job->basePigment() <= 0.0 ? 'base_resin_id' : 'backing');
        }
        if ($job->isCuredThroughCloth()) {
            $refused[] = new Finding(Severity::Refuse, 'layer.through_cloth', [
                'layer' => $job->materials->skinResin->name, 'under' => $job->materials->baseResin->name ?? '',
            ], Slot::Skin->field());
        }
        if ($job->choices->of(TopKind::class) !== Top::Clear) {
            $refused[] = new Finding(Severity::Refuse, 'method.cleared', [], 'top');
        }

        return $job->clothGM2() <= self::THIN_PLY_GM2 ? $refused : [
            ...$refused,
            new Finding(Severity::Warn, 'method.thin_ply', ['areal' => $job->clothGM2(), 'most' => self::THIN_PLY_GM2], 'cloth_id'),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::BarePart)
            ->refuse(! $wish->substrate->isMetal(), 'metal_only')
            ->gain($wish->substrate->isMetal(), 25, 'made_for_metal')
            ->cost($wish->form === Form::Deep, 25, 'hands_deep')
            ->needing(Tool::SprayGun);
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [
            ...$this->primedAndFilled($job),
            ...$this->cloth($job),
            ...$this->coats($job),
        ]);
    }

    /** @return list<Step> */
    private function primedAndFilled(Job $job): array
    {
        $area = $job->areaM2;

        return [
            ...SoundSurface::uncovered($job, $job->brief->substrate === Substrate::Steel ? 'strip_metal' : 'strip_aluminium'),
            SoundSurface::wiped($job),
            $job->keyed(Role::Key, $job->brief->substrate->keyGrit()),
            ...SoundSurface::primed($job, 'prime_metal'),
            $job->wipe('wipe-fill'),
            Step::of(Role::BodyFill)->after(Follow::minutes(5.0))->taking(10.0 + 20.0 * $area),
            $job->keyed(Role::Key, self::KEY, key: 'block-filler')->named('block_filler')
                ->after(Follow::minutes($job->aid(AidKind::BodyFiller)->readyMin)),
            $job->wipe('wipe-2'),
        ];
    }

    /** @return list<Step> */
    private function cloth(Job $job): array
    {
        $veil = Step::of(Role::Veil)->taking(8.0 + 12.0 * $job->areaM2);
        $laid = LaidDry::on($job, Follow::minutes(5.0), 'lay_metal');

        return [
            ...($job->slopesDeg()[1] <= self::NEARLY_FLAT_DEG ? [$veil] : []),
            ...$laid->steps,
            // Resin that is piled on now gets under the cloth and lifts it.
            $job->coat(Role::WetOut)->named('wet_out_set')->after(Follow::onceSet($laid->under)),
        ];
    }

    /** @return list<Step> */
    private function coats(Job $job): array
    {
        $coats = new CoatsAtTack($job, 'wet-out');
        $top = new TopCoats();
        $block = Step::of(Role::ResinFlat, 'block')->named('block')
            ->after(Follow::onceSandable($coats->last()))->taking(5.0)->sandedWith(new Grits(150, 240, SandingMethod::DryBlock));

        return [
            ...$coats->build(),
            $job->trim('trim', 'trim')->after(Follow::onceSandable($coats->last()))->minding(Caution::Knife),
            $block,
            ...$top->lastFlat($job, $coats->last()),
            ...$top->of($job, $coats->last()),
        ];
    }
}
