<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Inspection\WeaveReadings;
use App\Models\Photo;
use App\Planning\PlannedPart;
use App\Planning\Shapes;
use App\View\Drawing\PartLaidFlat;
use App\View\Drawing\WeavePhoto;
use App\Words\Formatter;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Geometry\Unfolding;
use OakGloss\Geometry\Zone;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Mishap;
use OakGloss\Plan\DefectState;
use OakGloss\Plan\LookDue;
use OakGloss\Plan\ZoneVerdict;

/** The inspection of a part: the look that is due, what was found where, and whether it passes. */
final readonly class InspectPage
{
    public PartLaidFlat $drawing;

    public ?LookDue $look;

    /** @var list<DefectState> */
    public array $defects;

    /** @var list<ZoneVerdict> */
    public array $verdicts;

    public function __construct(public PlannedPart $planned, private Formatter $format)
    {
        $this->defects = DefectState::all($planned->plan);
        $this->drawing = PartLaidFlat::of(self::flat($planned), $this->defects);
        $look = LookDue::of($planned->plan, $planned->floor->nowMin);
        $this->look = $look?->looks === [] ? null : $look;
        $this->verdicts = ZoneVerdict::all($planned->plan);
    }

    public static function flat(PlannedPart $planned): Unfolding
    {
        $part = $planned->part;
        $shape = $part->zones_typed ? null : Shapes::make($part->shape, $part->sizes, $part->unit);

        return Unfolding::of($shape, $planned->plan->brief->zones);
    }

    /** @return array<string, string> */
    public function defectNames(): array
    {
        $names = [];
        foreach (Defect::cases() as $defect) {
            $names[$defect->value] = $this->format->word('defect', $defect->value).': '.__("inspect.cue.{$defect->value}");
        }

        return $names;
    }

    /** @return array<string, string> */
    public function mishapNames(): array
    {
        $named = array_map(fn (Mishap $m): array => [$m->value, $this->format->word('mishap', $m->value)], Mishap::cases());

        return array_column($named, 1, 0);
    }

    /** @return array<string, string> */
    public function zones(): array
    {
        $zones = $this->planned->plan->brief->zones;

        return array_combine(array_map(fn (Zone $z): string => $z->name, $zones), array_map($this->format->zone(...), $zones));
    }

    public function where(DefectState $state): string
    {
        $what = $state->found->content;

        return $what->zone.', '.($what->alongMm === null
            ? __('inspect.anywhere')
            : __('inspect.at', ['along' => round($what->alongMm), 'across' => round((float) $what->acrossMm)]));
    }

    public function stateOf(DefectState $state): string
    {
        $args = ['remedy' => $state->way === null ? '' : lcfirst($this->format->word('remedy', $state->way->content->remedy->value))];

        return (string) __('inspect.'.match (true) {
            $state->way === null => 'open',
            $state->isAccepted() => 'is_accepted',
            $state->isThrough => 'mended',
            default => 'taken',
        }, $args);
    }

    /** What stands against a face, in words. */
    public function because(ZoneVerdict $verdict): string
    {
        if ($verdict->because === []) {
            return (string) __('inspect.because.stands');
        }

        return implode('; ', array_map(fn (array $b): string => (string) __("inspect.because.{$b[0]}", array_map(
            fn (float $v): string => (string) round($v),
            $b[1],
        ) + ['what' => implode(', ', array_map(
            fn (DefectState $s): string => lcfirst($this->format->word('defect', $s->found->content->defect)),
            $verdict->open,
        ))]), $verdict->because));
    }

    /** @return list<array{fact: Fact<PrintRead>, against: string}> */
    public function readings(): array
    {
        return WeaveReadings::all($this->planned->plan->log);
    }

    /** @return Fact<PrintRead>|null */
    public function weaveStops(): ?Fact
    {
        return WeaveReadings::stops($this->planned->plan->log);
    }

    public function weavePhoto(): ?WeavePhoto
    {
        $photo = $this->newestRead();

        return $photo === null ? null : new WeavePhoto($photo);
    }

    /** As it was typed last. */
    public function pitchMm(): ?float
    {
        $pitch = $this->newestRead()?->reading['pitch_mm'] ?? null;

        return is_numeric($pitch) ? (float) $pitch : null;
    }

    private function newestRead(): ?Photo
    {
        $newest = $this->readings()[0] ?? null;

        return $newest === null ? null : Photo::query()->select(['id', 'part_id', 'width', 'height', 'reading'])
            ->where('part_id', $this->planned->part->id)->find($newest['fact']->content->photoId);
    }

    public function lookTitle(): string
    {
        return $this->look === null ? '' : (string) __("inspect.look_after.{$this->look->moment->value}", [
            'step' => lcfirst($this->format->step($this->look->step->step)),
        ]);
    }
}
