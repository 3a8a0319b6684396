<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Where good people disagree: what a part's finisher may choose. Values are the fields that hold them. */
enum Choice: string
{
    case BuildCoats = 'build_coats';
    case SpotCoats = 'second_passes';
    case BuildWeight = 'build_g_m2';
    case Turned = 'turned';
    case Tilted = 'tilted';
    case WetOut = 'wet_out';
    case AfterWetOut = 'after_wet_out';
    case PrintThrough = 'print_through';
    case Top = 'top';
    case FinishCoats = 'finish_coats';
    case Clear = 'clear_id';
    case FillerClear = 'filler_id';
    case Stripes = 'stripes';
    case Plies = 'plies';
    case Holding = 'holding';
    case Faces = 'faces';
    case HardTop = 'hard_top';
    case MouldPlies = 'mould_plies';
    case LayUp = 'lay_up';
    case Halves = 'halves';
    case Damage = 'damage';
}
