<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Film\ExistingFilm;

/**
 * One step of a method. Told in the trade's order: `Step::of(Role::Base)->after(…)->laying(100.0)->taking(8.0)`. What is
 * not said follows from the role.
 */
final readonly class Step
{
    public StepKind $kind;

    /** In which part of the job it lies; of a wipe that serves what comes next, with that. */
    public Stage $stage;

    /** By which its place on the clock is kept: the key that it had first. */
    public string $id;

    /**
     * @param string             $key      stable within a job, such as `build-3`
     * @param string             $name     code of its words, such as `build`
     * @param int                $nth      of its role in the method, from 1
     * @param float              $handsMin hands-on without sanding, which the ladder adds
     * @param list<Caution>      $cautions
     * @param array<string, int> $args     for its words, such as n of
     * @param string|null        $about    key of the coat that it turns
     * @param string|null        $wasKey   before it was renamed
     * @param bool               $isLainOn the piece is turned over onto it: it must stick no more, and dent still
     * @param ExistingFilm|null  $bares    the film over the weave of the face that it brings to light
     * @param string|null        $where    zone that it is named with; empty for all of the part
     * @param float              $lowersUm film that goes besides what its papers take
     * @param bool               $isMend   of a way out of a defect
     */
    private function __construct(
        public Role $role,
        public string $key,
        public string $name,
        public int $nth,
        public Follow $follow,
        public float $handsMin,
        public array $cautions,
        public array $args = [],
        public ?Layer $layer = null,
        public ?Grits $grits = null,
        public ?string $about = null,
        private ?string $wasKey = null,
        public bool $isLainOn = false,
        public ?ExistingFilm $bares = null,
        ?Stage $stage = null,
        public float $lowersUm = 0.0,
        public ?string $where = null,
        public bool $isMend = false,
    ) {
        $this->stage = $stage ?? $role->stage();
        $this->kind = $role->kind();
        $this->id = $wasKey ?? $key;
    }

    /** @param string|null $key where the role alone would not tell it from another */
    public static function of(Role $role, ?string $key = null): self
    {
        $key ??= str_replace('_', '-', $role->value);

        return new self($role, $key, $role->value, 1, Follow::freely(), 0.0, $role->cautions());
    }

    /** Other words than its role's. */
    public function named(string $name): self
    {
        return $this->but(name: $name);
    }

    /** The n-th of its role; its key ends on it, and so do its words where `of` is given. */
    public function nth(int $n, ?int $of = null, bool $isSaid = true): self
    {
        $args = ['n' => $n] + ($of === null ? [] : ['of' => $of]);

        return $this->but(key: "{$this->key}-{$n}", nth: $n, args: $isSaid ? $args : $this->args);
    }

    public function after(Follow $follow): self
    {
        return $this->but(follow: $follow);
    }

    public function taking(float $handsMin): self
    {
        return $this->but(handsMin: $handsMin);
    }

    public function minding(Caution ...$more): self
    {
        return $this->but(cautions: [...$this->cautions, ...array_values($more)]);
    }

    /** No other cautions than these. */
    public function mindingOnly(Caution ...$cautions): self
    {
        return $this->but(cautions: array_values($cautions));
    }

    /**
     * @param list<string>|null $only     zones that the coat goes on alone; null for all
     * @param float             $drunkGM2 of it that dry plies below drink
     */
    public function laying(float $gM2, ?array $only = null, float $drunkGM2 = 0.0): self
    {
        return $this->but(layer: Layer::of($this->role, $gM2, $only, $drunkGM2));
    }

    /** It fills more than the part. */
    public function filling(Beside $beside): self
    {
        return $this->but(layer: $this->layer?->beside($beside));
    }

    public function sandedWith(Grits $grits): self
    {
        return $this->but(grits: $grits);
    }

    /** A coat on one place of a zone alone. */
    public function onPlace(string $zone, float $patchM2): self
    {
        return $this->but(layer: $this->layer?->onPlace($zone, $patchM2));
    }

    /** On one zone, which its words name; empty for all of the part. */
    public function at(string $zone): self
    {
        return $this->but(where: $zone);
    }

    /** Sanded so much deeper than its papers need, µm. */
    public function lowering(float $um): self
    {
        return $this->but(lowersUm: $um);
    }

    /** Of a way out of a defect, not of the job as it was ordered. */
    public function mending(): self
    {
        return $this->but(isMend: true);
    }

    /** A coat that the piece is turned over onto, for the coat of its other face. */
    public function lainOn(): self
    {
        return $this->but(isLainOn: true);
    }

    /** Of another part of the job than its role mostly is. */
    public function in(Stage $stage): self
    {
        return $this->but(stage: $stage);
    }

    /** A face comes to light that was made against a form. */
    public function baring(ExistingFilm $film): self
    {
        return $this->but(bares: $film);
    }

    /** @param array<string, int> $args */
    public function saying(array $args): self
    {
        return $this->but(args: $args);
    }

    public function turning(string $coat): self
    {
        return $this->but(about: $coat, key: "{$this->key}-{$coat}");
    }

    /**
     * The same under other names.
     *
     * @param \Closure(string): string $rename
     */
    public function renamed(\Closure $rename): self
    {
        return $this->but(
            key: $rename($this->key),
            about: $this->about === null ? null : $rename($this->about),
            follow: $this->follow->renamed($rename),
            wasKey: $this->id,
        );
    }

    public function ref(): StepRef
    {
        return new StepRef($this->role, $this->nth, $this->name);
    }

    /**
     * @param list<Caution>|null      $cautions
     * @param array<string, int>|null $args
     */
    private function but(
        ?string $key = null,
        ?string $name = null,
        ?int $nth = null,
        ?Follow $follow = null,
        ?float $handsMin = null,
        ?array $cautions = null,
        ?array $args = null,
        ?Layer $layer = null,
        ?Grits $grits = null,
        ?string $about = null,
        ?string $wasKey = null,
        ?bool $isLainOn = null,
        ?ExistingFilm $bares = null,
        ?Stage $stage = null,
        ?float $lowersUm = null,
        ?string $where = null,
        ?bool $isMend = null,
    ): self {
        return new self(
            $this->role,
            $key ?? $this->key,
            $name ?? $this->name,
            $nth ?? $this->nth,
            $follow ?? $this->follow,
            $handsMin ?? $this->handsMin,
            $cautions ?? $this->cautions,
            $args ?? $this->args,
            $layer ?? $this->layer,
            $grits ?? $this->grits,
            $about ?? $this->about,
            $wasKey ?? $this->wasKey,
            $isLainOn ?? $this->isLainOn,
            $bares ?? $this->bares,
            $stage ?? $this->stage,
            $lowersUm ?? $this->lowersUm,
            $where ?? $this->where,
            $isMend ?? $this->isMend,
        );
    }
}
