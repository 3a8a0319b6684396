<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Safety\Caution;

/**
 * What a step is in the work, whatever its method calls it. A role says what hands do (`kind`), from which slot a coat
 * is mixed and where that lies, and what can hurt; plan, film, forecast, drawings and words ask it, never a step's key.
 */
enum Role: string
{
    case Strip = 'strip';
    case Wipe = 'wipe';
    case Key = 'key';
    case Prime = 'prime';
    /** Body filler over the primer, for what is not true. */
    case BodyFill = 'body_fill';
    /** A veil on the back of the cloth keeps cut edges whole. */
    case Veil = 'veil';
    /** Bare wood is closed: it breathes out bubbles while it warms. */
    case Seal = 'seal';
    case Base = 'base';
    /** A base that no longer holds cloth is keyed. */
    case KeyBase = 'key_base';
    /** The fresh thin coat on a base that was keyed. */
    case Tack = 'tack';
    case Lay = 'lay';
    case WetOut = 'wet_out';
    /** Resin between two plies. */
    case InnerWetOut = 'inner_wet_out';
    /** A mist that holds dry cloth. */
    case Adhesive = 'adhesive';
    /** A second coat at tack, so that nothing sanded later reaches the weave. */
    case Insurance = 'insurance';
    /** Nibs alone, the weave lies just under. */
    case Nibs = 'nibs';
    case Build = 'build';
    /** A coat of their own for the zones that are thinnest. */
    case Spot = 'spot';
    case Turn = 'turn';
    /** Wax on a plate or mould. */
    case Wax = 'wax';
    /** Film over the wax, from which the laminate comes off. */
    case ReleaseFilm = 'release_film';
    case CutPlies = 'cut_plies';
    /** Resin, and a ply into it. */
    case Laminate = 'laminate';
    /** The same of a ply that nobody sees. */
    case InnerPly = 'inner_ply';
    /** The second plate and its weights. */
    case Cover = 'cover';
    case Demould = 'demould';
    /** What was made is looked over for flaws, before it is cut. */
    case Look = 'look';
    case Trim = 'trim';
    /** Sanded to one plane: the weave's texture goes. */
    case ResinFlat = 'resin_flat';
    case Finish = 'finish';
    case PostCure = 'post_cure';
    /** Sanded to the scratch that clear or polish needs. */
    case LastFlat = 'last_flat';
    case Drill = 'drill';
    case FillerClear = 'filler_clear';
    /** Film laid over a filler that air keeps soft. */
    case FilmOver = 'film_over';
    case FillerWash = 'filler_wash';
    case FillerFlat = 'filler_flat';
    case MaskLine = 'mask_line';
    case Stripe = 'stripe';
    case Unmask = 'unmask';
    /** All coats of a sprayed clear with their flashes. */
    case Clear = 'clear';
    /** One coat of a brushed clear. */
    case Varnish = 'varnish';
    case ClearFlat = 'clear_flat';
    case Polish = 'polish';
    case Inspect = 'inspect';

    public function kind(): StepKind
    {
        return match ($this) {
            self::Strip, self::Prime, self::BodyFill, self::Veil, self::Trim, self::Drill, self::FilmOver, self::MaskLine,
            self::Unmask, self::Adhesive, self::Wax, self::ReleaseFilm, self::CutPlies, self::Cover, self::Demould => StepKind::Prepare,
            self::Wipe, self::FillerWash => StepKind::Wipe,
            self::Key, self::KeyBase, self::Nibs => StepKind::Key,
            self::Lay => StepKind::Lay,
            self::Seal, self::Base, self::Tack, self::WetOut, self::Insurance, self::Build, self::Spot, self::Finish,
            self::InnerWetOut, self::Laminate, self::InnerPly => StepKind::Coat,
            self::Turn => StepKind::Turn,
            self::ResinFlat, self::LastFlat, self::FillerFlat, self::ClearFlat => StepKind::Flat,
            self::FillerClear, self::Stripe, self::Clear, self::Varnish => StepKind::Spray,
            self::Polish => StepKind::Polish,
            self::Look => StepKind::Look,
            self::Inspect => StepKind::Inspect,
            self::PostCure => StepKind::PostCure,
        };
    }

    /** Which slot a coat is mixed or sprayed from; null for what is no coat, and for a stripe's colour. */
    public function slot(): ?Slot
    {
        return match ($this) {
            self::Seal, self::Base, self::Tack => Slot::Base,
            self::WetOut, self::Insurance, self::Build, self::Spot, self::Finish, self::InnerWetOut,
            self::Laminate, self::InnerPly => Slot::Skin,
            self::FillerClear => Slot::FillerClear,
            self::Clear, self::Varnish => Slot::Clear,
            default => null,
        };
    }

    /** Whether a coat reaches the wrap too, not the zones alone. */
    public function isOnCloth(): bool
    {
        return in_array($this, [self::Base, self::Tack, self::WetOut, self::InnerWetOut, self::Laminate, self::InnerPly], true);
    }

    /** Whether dry cloth is laid on it while it is tacky. */
    public function holdsCloth(): bool
    {
        return $this === self::Base || $this === self::Tack;
    }

    /** Whether it lays a ply into its resin. */
    public function isPly(): bool
    {
        return $this === self::Laminate || $this === self::InnerPly;
    }

    /** Whether its weight is a share of the cloth's. */
    public function isByCloth(): bool
    {
        return $this->isPly() || $this === self::WetOut || $this === self::InnerWetOut;
    }

    /** Whether cut cloth must lie ready before it is mixed. */
    public function takesCloth(): bool
    {
        return $this->holdsCloth() || $this->isPly();
    }

    /** Whether a coat lies over the weave. */
    public function isOverWeave(): bool
    {
        return $this->slot() === Slot::Skin && ! $this->isPly() && $this !== self::InnerWetOut;
    }

    /** Whether it sands the clear or filler clear, not the resin. */
    public function isInClear(): bool
    {
        return $this === self::FillerFlat || $this === self::ClearFlat;
    }

    /** Whether it sands the resin over the weave to one plane. */
    public function isResinFlat(): bool
    {
        return $this->kind() === StepKind::Flat && ! $this->isInClear();
    }

    /**
     * On which surfaces the step may begin; any where it does not matter.
     *
     * @return list<Ground>
     */
    public function needs(): array
    {
        return match ($this->kind()) {
            // Keying a greasy part drives the grease into the scratches.
            StepKind::Key, StepKind::Flat => [Ground::Clean, Ground::Dusty, Ground::Coat],
            StepKind::Coat, StepKind::Spray => [Ground::Clean, Ground::Coat],
            StepKind::Lay => [Ground::Coat, Ground::Mist],
            default => $this === self::Adhesive ? [Ground::Clean] : Ground::cases(),
        };
    }

    /** The surface that the step leaves, where it finds another. */
    public function leaves(Ground $found): Ground
    {
        return match ($this->kind()) {
            StepKind::Key, StepKind::Flat => Ground::Dusty,
            StepKind::Wipe => Ground::Clean,
            StepKind::Coat, StepKind::Spray => Ground::Coat,
            // Dry cloth on a mist is there to be wetted out.
            StepKind::Lay => $found === Ground::Mist ? Ground::Clean : $found,
            default => $this === self::Adhesive ? Ground::Mist : $found,
        };
    }

    public function stage(): Stage
    {
        return match ($this) {
            self::Strip, self::Wipe, self::Key, self::Prime, self::BodyFill, self::Seal, self::Wax, self::ReleaseFilm => Stage::Ground,
            self::Base, self::KeyBase, self::Tack, self::Veil, self::Adhesive, self::Lay, self::WetOut, self::InnerWetOut, self::Insurance,
            self::CutPlies, self::Laminate, self::InnerPly, self::Cover => Stage::Cloth,
            self::Nibs, self::Build, self::Spot, self::Turn, self::Trim => Stage::Build,
            self::ResinFlat, self::Finish, self::PostCure, self::LastFlat, self::Drill => Stage::Level,
            self::FillerClear, self::FilmOver, self::FillerWash, self::FillerFlat, self::MaskLine, self::Stripe, self::Unmask, self::Clear,
            self::Varnish, self::ClearFlat, self::Polish, self::Inspect => Stage::Surface,
            self::Demould, self::Look => Stage::Off,
        };
    }

    /**
     * What can hurt at any step of the role; a method adds what its own brings.
     *
     * @return list<Caution>
     */
    public function cautions(): array
    {
        return match ($this->kind()) {
            StepKind::Coat => [Caution::Epoxy, Caution::Exotherm],
            StepKind::Wipe, StepKind::Inspect => [Caution::SolventRags],
            StepKind::Look => [],
            StepKind::Key, StepKind::Flat => [Caution::Dust],
            StepKind::Lay => [Caution::Epoxy, Caution::HotAir, Caution::Knife],
            StepKind::Turn => [Caution::Epoxy],
            StepKind::Polish => [Caution::PolishHeat, Caution::Rotary],
            StepKind::PostCure => [Caution::Heat],
            StepKind::Prepare => match ($this) {
                self::Strip => [Caution::Structure, Caution::SolventRags],
                self::Prime, self::Adhesive => [Caution::SprayMist],
                self::BodyFill => [Caution::Styrene],
                self::Veil => [Caution::Knife],
                self::Drill => [Caution::Rotary, Caution::Dust, Caution::Structure],
                self::FilmOver => [Caution::Styrene],
                self::MaskLine, self::CutPlies, self::Demould => [Caution::Knife],
                self::Wax, self::ReleaseFilm => [Caution::SolventRags],
                default => [],
            },
            StepKind::Spray => $this === self::Stripe ? [Caution::SprayMist] : [],
        };
    }
}
