<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\FilmBook;
use OakGloss\Fact\ReadsFilm;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** A film or skin thickness was measured. */
final readonly class Measured extends Content implements ReadsFilm
{
    public const KIND = 'measured';

    public const WAYS = ['slug', 'offcut', 'gauge', 'cut_face'];

    /** What a loupe and a gauge can tell apart, µm. */
    private const LOUPE_UM = 10.0;
    private const GAUGE_UM = 5.0;

    /** An off-cut comes from beyond the zone's edge. */
    private const OFFCUT_SCATTERS = 1.5;

    /**
     * @param float      $um     mean of the readings
     * @param int|null   $n      how many
     * @param float|null $stepUm of the tool
     */
    public function __construct(
        public string $zone,
        public string $way,
        public float $um,
        public ?int $n = null,
        public ?float $stepUm = null,
    ) {
    }

    public static function fields(): array
    {
        return [
            Field::text('zone', 40),
            Field::choice('way', self::WAYS),
            Field::number('um', 1.0, 5000.0),
            Field::whole('n', 1, 50)->optional(),
            Field::number('step_um')->optional()->reckoned(),
        ];
    }

    /** @param float $calliperUm step of the shop's calliper */
    public static function with(string $zone, string $way, float $um, int $n, float $calliperUm): self
    {
        return new self($zone, $way, $um, $n, match ($way) {
            'cut_face' => self::LOUPE_UM,
            'gauge' => self::GAUGE_UM,
            default => $calliperUm,
        });
    }

    public static function phrases(): array
    {
        return ['label' => 'Thickness read', 'record' => ':um on :zone, :way', 'mean' => ', mean of :n'];
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            ['um' => $words->um($this->um), 'zone' => $this->zone, 'way' => $words->word('measured_by', $this->way)],
        )
            .($this->n > 1 ? $words->phrase($this, 'mean', ['n' => $this->n]) : '');
    }

    public function intoFilm(FilmBook $film, float $atMin): void
    {
        $film->measured(
            $this->zone,
            $this->um,
            max(1, $this->n ?? 1),
            $this->stepUm ?? 0.0,
            $this->way !== 'cut_face',
            $this->way === 'offcut' ? self::OFFCUT_SCATTERS : 1.0,
        );
    }
}
