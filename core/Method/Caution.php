<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What can hurt at a step. The words, and that the product's data sheet comes first, are said where it is shown. */
enum Caution: string
{
    case Epoxy = 'epoxy';
    case Exotherm = 'exotherm';
    case Dust = 'dust';
    case SolventRags = 'solvent_rags';
    case HotAir = 'hot_air';
    case Knife = 'knife';
    case Rotary = 'rotary';
    case Isocyanate = 'isocyanate';
    case Styrene = 'styrene';
    case SprayMist = 'spray_mist';
    case PolishHeat = 'polish_heat';
    case Structure = 'structure';
    case Heat = 'heat';
    /** Peroxide. */
    case Catalyst = 'catalyst';
    case Vacuum = 'vacuum';
    /** A thick laminate cooks itself and what it lies on. */
    case Lift = 'lift';
    case Clamp = 'clamp';
    /** A machine over a part that water is about. */
    case Sander = 'sander';
    /** Lead or chromate may be in it. */
    case OldPaint = 'old_paint';
    /** It held what burns. */
    case Fuel = 'fuel';
}
