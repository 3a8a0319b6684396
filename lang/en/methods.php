<?php

declare(strict_types=1);

// By the code of a method: what it is called, and when it is the one to take.
return [
    'brush_on' => ['name' => 'Brush-on skin', 'when' => 'One ply laid dry on a tacky base, wetted out and buried under brushed coats.'],
    'sheet_metal' => ['name' => 'Skin on sheet metal', 'when' => 'For steel and aluminium panels: primer and filler, a pigmented base that sets first, coats at tack, filler clear, clear.'],
    'flat_sheet' => [
        'name' => 'Flat sheet on a plate',
        'when' => 'A flat laminate off a waxed plate, one face or both: resin and ply in turn, then parts are cut from it.',
    ],
    'rescue' => [
        'name' => 'Rescue a bad surface',
        'when' => 'A skin with ridges and lows, its film not well known: ridges off, two coats, cured through, and again until no low is left.',
    ],
];
