<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Material\AidKind;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\FaceCount;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\SentPrice;

/** M5: a flat sheet laid up on a true plate that is waxed and filmed, resin and ply in turn; parts are cut from it. */
final class FlatPlate implements Method
{
    /** The next ply goes on while the one below is wet, within so many minutes. */
    private const WET_MIN = 30.0;

    public static function code(): string
    {
        return 'flat_sheet';
    }

    public function startsFrom(): Start
    {
        return Start::Plate;
    }

    public function substrates(): array
    {
        return [Substrate::Carbon];
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::Wax, Slot::ReleaseFilm];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Off];
    }

    public function mostPlies(): int
    {
        return PlyCount::MOST;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices(plies: 2, faces: Faces::Both));
    }

    public function example(): Example
    {
        return new Example(
            new FlatSheet(600.0, 400.0),
            Substrate::Carbon,
            ['plies' => 3, 'faces' => Faces::Both],
            primed: false,
            blankMm: ['length' => 180.0, 'width' => 120.0],
        );
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(0, 0, Role::Trim);
    }

    public function choices(): array
    {
        return Listed::settled([
            PlyCount::class, FaceCount::class,
            SentOut::class => [Role::SendOut, Role::Trim, Role::Inspect], AwayDays::class, SentPrice::class,
        ]);
    }

    public function refusals(Job $job): array
    {
        return $job->brief->blankMm !== null ? [] : [new Finding(Severity::Refuse, 'method.no_blank', [], 'shape')];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::Nothing)
            ->refuse($wish->form === Form::Deep, 'plate_is_flat')
            ->gain($wish->form === Form::Flat, 25, 'true_plate')
            ->cost($wish->form === Form::Curved, 30, 'plate_is_flat_nearly');
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [...$this->plate($job), ...$this->plies($job), ...$this->sheet($job)]);
    }

    /** @return list<Step> */
    private function plate(Job $job): array
    {
        $plates = $job->choices->of(FaceCount::class) === Faces::Both ? 2 : 1;
        $waxing = 3.0 + $plates * 12.0 * $job->areaM2;
        $sheet = $job->aid(AidKind::Wax);
        $wax = array_map(
            fn (int $n): Step => Step::of(Role::Wax)->nth($n, $sheet->coats)->taking($waxing)
                ->after(Follow::minutes($n === 1 ? 5.0 : $sheet->betweenMin)),
            range(1, $sheet->coats),
        );

        return [
            $job->wipe('wipe-plate', 'wipe_plate', 5.0),
            ...$wax,
            Step::of(Role::ReleaseFilm)->after(Follow::minutes($sheet->readyMin))->taking(5.0 + $plates * 8.0 * $job->areaM2),
        ];
    }

    /** @return list<Step> */
    private function plies(Job $job): array
    {
        $of = $job->choices->of(PlyCount::class);
        $cut = Step::of(Role::CutPlies)->taking(5.0 + $of * (4.0 + 6.0 * $job->areaM2))->saying(['plies' => $of]);
        $plies = array_map(
            // Resin first, then the ply into it.
            fn (int $n): Step => $job->coat($this->isSeen($job, $n) ? Role::Laminate : Role::InnerPly, 'ply')
                ->nth($n, $of)->named('ply')->minding(Caution::Knife)
                ->after($n === 1 ? Follow::minutes($job->aid(AidKind::ReleaseFilm)->readyMin) : Follow::minutes(0.0, self::WET_MIN))
                ->taking($job->ply($this->isSeen($job, $n), 0.4)),
            range(1, $of),
        );

        return [$cut, ...PeelPly::between($job, $plies)];
    }

    /** The ply on the plate, and the one under a second plate. */
    private function isSeen(Job $job, int $n): bool
    {
        return $n === 1 || ($job->choices->of(FaceCount::class) === Faces::Both && $n === $job->choices->of(PlyCount::class));
    }

    /** @return list<Step> */
    private function sheet(Job $job): array
    {
        $cover = Step::of(Role::Cover)->after(Follow::minutes(0.0, self::WET_MIN))->taking(6.0 + 10.0 * $job->areaM2);
        [$warm, $last] = [$job->postCure, "ply-{$job->choices->of(PlyCount::class)}"];
        // What has to bear sun or heat is held warm while the plate keeps it flat.
        $warmed = $warm === null ? [] : [
            Step::of(Role::PostCure)->after(Follow::onceSandable($last))->taking(10.0)->in(Stage::Off)
                ->saying(['c' => (int) round($warm->celsius), 'hours' => (int) ceil($warm->minutes / 60.0)]),
        ];

        return [
            ...($job->choices->of(FaceCount::class) === Faces::Both ? [$cover] : []),
            ...$warmed,
            Step::of(Role::Demould)->taking(8.0 + 10.0 * $job->areaM2)
                ->after($warm === null ? Follow::onceSandable($last) : Follow::minutes($warm->minutes)),
            $job->wipe('wash-film', 'wash_release', 3.0),
            Step::of(Role::Look)->taking(5.0),
            Step::of(Role::Trim)->named('cut_parts')->taking($job->pace->trimming($job->brief->rimM()))
                ->minding(Caution::Rotary, Caution::Dust, Caution::Knife),
            Step::of(Role::Inspect)->named('inspect_sheet')->taking(5.0),
        ];
    }
}
