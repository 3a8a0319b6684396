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
    'glue_down' => [
        'name' => 'Glue-down skin, polyester',
        'when' => 'Cloth glued down dry, two plies as a rule, then stippled through with catalysed polyester. Quick; not for what gets hot.',
    ],
    'bagged' => [
        'name' => 'Bag-assisted skin',
        'when' => 'For hollows that hands don\'t press cloth into: wet plies on black paint, held down by a vacuum until they are cured, resin coats later.',
    ],
    'lift_off_shell' => [
        'name' => 'Lift-off shell',
        'when' => 'A new outer face laid up on the original panel, finished on it, lifted off and bonded to the frame. The original stays as it is.',
    ],
    'pattern_mould' => [
        'name' => 'Pattern, mould and part',
        'when' => 'A pattern, a mould off it in lifts that it bears, and parts out of the mould. For several of a kind, or deep ones.',
    ],
    'clear_moulding' => [
        'name' => 'Clear a raw moulding',
        'when' => 'A carbon moulding as it came out of its mould: release agent off, keyed by hand, filler clear, clear.',
    ],
    'crack_or_chip' => [
        'name' => 'Repair a chip or crack',
        'when' => 'One place of a skin: feathered, built up until it stands proud, down to polish. Says whether it is worth it.',
    ],
    'both_faces' => [
        'name' => 'Both faces, from bare',
        'when' => 'A bare paddle, tray or top that is seen from both sides: cloth on one face, turned onto it in its window, cloth on the other, lapped on the rim.',
    ],
    'two_sided' => [
        'name' => 'Two-sided piece',
        'when' => 'Clothed and seen from both faces: one face at a time, turned in its window, until no texture is left.',
    ],
    'heavy_coat' => [
        'name' => 'Another heavy coat',
        'when' => 'A sound skin that wants depth: machined down lightly, poured, spread, tipped off.',
    ],
];
