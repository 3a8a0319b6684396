<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Mixing\Spreader;

/**
 * What a step is in the work, whatever its method calls it. A role says what hands do (`kind`), from which slot a coat
 * is mixed and where that lies, and what can hurt; plan, film, forecast, drawings and words ask it, never a step's key.
 */
enum Role: string
{
    /** A tank drained, purged and found gas-free, before anything that sparks or warms. */
    case Purge = 'purge';
    case Strip = 'strip';
    case Wipe = 'wipe';
    /** Amine blush off with water and a pad: paper would drive it in. */
    case Wash = 'wash';
    case Key = 'key';
    /** What stays bare is taped; off again while the last coat is soft. */
    case MaskFaces = 'mask_faces';
    case UnmaskFaces = 'unmask_faces';
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
    /** Fabric in the last wet ply of a session, and torn off before the next. */
    case PeelPly = 'peel_ply';
    case TearPeel = 'tear_peel';
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
    /** Openings that the cloth went over, cut free after the last resin. */
    case OpenUp = 'open_up';
    /** Packed and sent to who has the tool or the licence, and looked over when it is back. */
    case SendOut = 'send_out';
    case BackIn = 'back_in';
    case FillerClear = 'filler_clear';
    /** Film laid over a filler that air keeps soft. */
    case FilmOver = 'film_over';
    case FillerWash = 'filler_wash';
    case FillerFlat = 'filler_flat';
    case MaskLine = 'mask_line';
    case Stripe = 'stripe';
    case Unmask = 'unmask';
    /** Dust off fresh colour, without solvent. */
    case TackRag = 'tack_rag';
    /** All coats of a sprayed clear with their flashes. */
    case Clear = 'clear';
    /** One coat of a brushed clear. */
    case Varnish = 'varnish';
    case ClearFlat = 'clear_flat';
    case Polish = 'polish';
    case Inspect = 'inspect';
    /** The last coat of a polyester: waxed or under film, so that air does not keep it soft. */
    case HardTop = 'hard_top';
    /** Wax or film off a hard top. */
    case TopWash = 'top_wash';
    /** Resin, and a ply that a bag presses into it: what is too much goes into the breather. */
    case BaggedPly = 'bagged_ply';
    /** Release fabric, breather, bag and pump. */
    case Bag = 'bag';
    case LeakCheck = 'leak_check';
    /** Bag and fabric off, once it was held through cure. */
    case Unbag = 'unbag';
    /** Surfacer built up on a pattern, with a guide tint. */
    case Surface = 'surface';
    /** A pattern or mould sanded as fine as its parts need. */
    case FormFlat = 'form_flat';
    case PartingLine = 'parting_line';
    /** The face of a mould. */
    case GelCoat = 'gel_coat';
    /** Resin and a fine cloth between gel coat and laminate. */
    case Coupling = 'coupling';
    /** So many plies of a mould as may be laid at once. */
    case Lift = 'lift';
    /** A straight-edge over what was made, thin gel coat patched. */
    case Gauge = 'gauge';
    /** Plies laid dry into a mould. */
    case Stack = 'stack';
    /** Resin drawn through a dry stack. */
    case Infuse = 'infuse';
    /** Two halves joined inside. */
    case Join = 'join';
    /** A shell glued to its frame. */
    case Bond = 'bond';
    /** Unclamped, hung and fitted. */
    case Hang = 'hang';
    /** Masked far around; the mask moves out with the feather. */
    case MaskWide = 'mask_wide';
    /** Unsound laminate cut out. */
    case CutOut = 'cut_out';
    /** A backing ply with generous overlap. */
    case Splice = 'splice';
    /** Short-fibre resin up to the face. */
    case FillFlush = 'fill_flush';
    case OpenBlisters = 'open_blisters';
    /** Pits deeper than the film still to come, with thickened resin. */
    case DotFill = 'dot_fill';
    /** Looked for in a soft filler, pressed or spotted. */
    case Pinholes = 'pinholes';
    /** A heavy coat, poured, spread and tipped off. */
    case Pour = 'pour';
    /** A fresh film warmed lightly, so that it runs out. */
    case Warm = 'warm';
    /** What a wipe left goes off before resin is poured. */
    case FlashOff = 'flash_off';
    /** A way out of a defect: into a film that is wet, opened or cut, sanded on one place, coated, flatted, cleared. */
    case MendWet = 'mend_wet';
    case MendLay = 'mend_lay';
    case MendOpen = 'mend_open';
    case MendSand = 'mend_sand';
    case MendCoat = 'mend_coat';
    case MendFlat = 'mend_flat';
    case MendSpray = 'mend_spray';

    public function kind(): StepKind
    {
        return match ($this) {
            self::Purge, self::Strip, self::MaskFaces, self::UnmaskFaces, self::Prime, self::BodyFill, self::Veil, self::Trim,
            self::Drill, self::OpenUp, self::SendOut, self::FilmOver, self::MaskLine, self::Unmask, self::Adhesive, self::Wax,
            self::ReleaseFilm, self::CutPlies, self::Cover, self::PeelPly, self::TearPeel, self::Demould,
            self::Bag, self::Unbag, self::Surface, self::PartingLine, self::Stack, self::Join, self::Bond, self::Hang, self::MaskWide,
            self::CutOut, self::OpenBlisters, self::DotFill, self::Warm, self::FlashOff, self::Pinholes,
            self::MendWet, self::MendOpen, self::MendSand => StepKind::Prepare,
            self::Wipe, self::Wash, self::TackRag, self::FillerWash, self::TopWash => StepKind::Wipe,
            self::Key, self::KeyBase, self::Nibs => StepKind::Key,
            self::Lay, self::MendLay => StepKind::Lay,
            self::Seal, self::Base, self::Tack, self::WetOut, self::Insurance, self::Build, self::Spot, self::Finish,
            self::InnerWetOut, self::Laminate, self::InnerPly, self::HardTop, self::BaggedPly, self::GelCoat, self::Coupling, self::Lift,
            self::Infuse, self::Splice, self::FillFlush, self::Pour, self::MendCoat => StepKind::Coat,
            self::Turn => StepKind::Turn,
            self::ResinFlat, self::LastFlat, self::FillerFlat, self::ClearFlat, self::FormFlat,
            self::MendFlat => StepKind::Flat,
            self::FillerClear, self::Stripe, self::Clear, self::Varnish, self::MendSpray => StepKind::Spray,
            self::Polish => StepKind::Polish,
            self::Look, self::Gauge, self::BackIn => StepKind::Look,
            self::LeakCheck => StepKind::LeakCheck,
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
            self::Laminate, self::InnerPly, self::HardTop, self::BaggedPly, self::Infuse, self::Splice, self::FillFlush,
            self::Pour, self::MendCoat => Slot::Skin,
            self::GelCoat => Slot::GelCoat,
            self::Coupling, self::Lift => Slot::MouldResin,
            self::FillerClear => Slot::FillerClear,
            self::Clear, self::Varnish, self::MendSpray => Slot::Clear,
            default => null,
        };
    }

    /** Whether a coat reaches the wrap too, not the zones alone. */
    public function isOnCloth(): bool
    {
        return $this->isByCloth() || in_array($this, [self::Base, self::Tack, self::GelCoat], true);
    }

    /** Whether dry cloth is laid on it while it is tacky. */
    public function holdsCloth(): bool
    {
        return $this === self::Base || $this === self::Tack;
    }

    /** Whether a coat whose moment has passed may be keyed for it: cloth lies on nothing that is keyed, and a gel coat is a face. */
    public function mayBeKeyed(): bool
    {
        return $this !== self::Lay && $this !== self::MendLay && $this !== self::Coupling;
    }

    /** Whether it lays a ply into its resin. */
    public function isPly(): bool
    {
        return in_array($this, [self::Laminate, self::InnerPly, self::BaggedPly], true);
    }

    /** Whether it lies in a mould's wall, or fills a hole: no film of any skin. */
    private function isBody(): bool
    {
        return in_array($this, [self::Infuse, self::Splice, self::FillFlush, self::Coupling, self::Lift], true);
    }

    /** Whether its weight is a share of the cloth's. */
    public function isByCloth(): bool
    {
        return $this->isPly() || in_array($this, [self::WetOut, self::InnerWetOut, self::Infuse, self::Coupling, self::Lift], true);
    }

    /** Whether cut cloth must lie ready before it is mixed. */
    public function takesCloth(): bool
    {
        return $this->holdsCloth() || $this->isPly() || in_array($this, [self::Coupling, self::Lift, self::Splice], true);
    }

    /** Whether gloves are on for it, and cloths, cups and sticks are used up. */
    public function isWet(): bool
    {
        return in_array($this->kind(), [StepKind::Coat, StepKind::Spray, StepKind::Lay, StepKind::Turn, StepKind::Wipe], true)
            || in_array($this, [
                self::Prime, self::BodyFill, self::Adhesive, self::Wax, self::ReleaseFilm, self::Surface, self::Bond, self::Join,
                self::PeelPly, self::FilmOver, self::Cover, self::DotFill,
            ], true);
    }

    /** Whether a coat lies over the weave. */
    public function isOverWeave(): bool
    {
        return $this === self::BaggedPly
            || ($this->slot() === Slot::Skin && ! $this->isPly() && ! $this->isBody() && $this !== self::InnerWetOut);
    }

    /** Whether what is over saturation goes into a breather, and lies over no weave. */
    public function isBled(): bool
    {
        return $this === self::BaggedPly;
    }

    /** Whether it is poured and tipped off, and takes more of the texture than a brush leaves it. */
    public function isPoured(): bool
    {
        return $this === self::Pour;
    }

    /** With what its coat is spread. */
    public function spreader(): Spreader
    {
        return $this->isPoured() ? Spreader::Spatula : Spreader::Brush;
    }

    /** Whether it sands a clear, a filler clear or a form, not the resin over the weave. */
    public function isInClear(): bool
    {
        return in_array($this, [self::FillerFlat, self::ClearFlat, self::FormFlat], true);
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
            default => match ($this) {
                // A second mist goes on the ply that the first one holds.
                self::Adhesive => [Ground::Clean],
                self::Bond, self::Join => [Ground::Clean],
                default => Ground::cases(),
            },
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
            default => match ($this) {
                self::Adhesive => Ground::Mist,
                // A waxed form, what comes off it, and surfacer or a bag's fabric pulled off a coat: new faces.
                self::ReleaseFilm, self::Unbag, self::TearPeel => Ground::Clean,
                self::Surface, self::Demould, self::CutOut, self::OpenBlisters, self::MendSand => Ground::Dusty,
                default => $found,
            },
        };
    }

    public function stage(): Stage
    {
        return Stage::of($this);
    }

    /**
     * What can hurt at any step of the role; a method adds what its own brings.
     *
     * @return list<Caution>
     */
    public function cautions(): array
    {
        return Hazards::of($this);
    }
}
