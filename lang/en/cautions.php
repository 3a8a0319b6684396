<?php

declare(strict_types=1);

return [
    // A line each, where hands are at it; the whole of each stands below.
    'short' => [
        'defers' => 'The data sheet comes first.',
        'epoxy' => 'Nitrile gloves, sleeves, fresh air.',
        'exotherm' => 'A cup that heats goes outside.',
        'dust' => 'P3 mask, extraction.',
        'solvent_rags' => 'No flame or hot air; rags in a lidded bin.',
        'hot_air' => 'No hot air near solvent.',
        'knife' => 'Cut away from the hand.',
        'rotary' => 'Eyes covered, part clamped.',
        'isocyanate' => 'Air-fed mask and booth, or a licensed sprayer.',
        'styrene' => 'Respirator, goggles, no sparks.',
        'spray_mist' => 'Respirator, ventilation, no sparks.',
        'polish_heat' => 'Keep the pad moving, hand-warm at most.',
        'heat' => 'Never on fresh solvent, nothing left alone that could burn.',
        'structure' => 'No safety part is clad or drilled.',
        'sander' => 'Mains: dry, with extraction; damp only if its manual allows.',
        'old_paint' => 'Test for lead and chromate before dust or fumes.',
        'fuel' => 'Gas-free on paper before a spark.',
        'catalyst' => 'Goggles; never onto accelerator or acetone, never in metal.',
        'vacuum' => 'Eyes covered, no bare glass under vacuum.',
        'lift' => 'No more plies than shown; one that smokes goes outside.',
        'clamp' => 'Fingers out of the clamps.',
        'warming' => 'No warmer than shown, never on fresh solvent.',
    ],
    'defers' => 'Usual caution. The product\'s safety data sheet, local rules and licensed practice come first.',
    'epoxy' => 'Uncured epoxy: nitrile gloves and sleeves, fresh air. Sensitisation is lasting. No solvent on skin.',
    'exotherm' => 'A full cup heats itself. Do not mix more than the batch shown in one cup. '
        .'A hot cup goes outside onto mineral ground, not into a bin.',
    'dust' => 'Carbon and resin dust: P3 mask, extraction, wet where possible. It shorts electronics. Never dry-grind uncured resin.',
    'solvent_rags' => 'Solvent: ventilate, no flame or hot air until the vapour has gone. '
        .'Spread rags to dry, then into a metal bin with a lid.',
    'hot_air' => 'Hot air only as warm as part and film stand, never near solvent.',
    'knife' => 'Cut and score away from the hand.',
    'rotary' => 'Rotary tools: eye protection, part clamped, no loose sleeves.',
    'isocyanate' => '2K clear holds isocyanate: air-fed mask and booth, or a licensed sprayer. Not for a basement.',
    'styrene' => 'Polyester: styrene vapour, respirator, no sparks. Its peroxide catalyst: goggles, never straight onto accelerator or '
        .'acetone, never in metal.',
    'spray_mist' => 'Spray mist: respirator for the product, ventilation, no sparks.',
    'polish_heat' => 'A pad that stands still burns the film, on an edge within seconds. '
        .'Low speed, keep moving, feel the surface: hand-warm at most.',
    'heat' => 'Warm box: no hotter than part, film and data sheet bear, never on fresh solvent, nothing left alone that could burn.',
        'sander' => 'A mains sander runs dry, with extraction: water and mains kill. Damp only where it is driven by air, or its manual allows it. '
        .'P3 mask, eyes, ears; its cord behind you.',
    'old_paint' => 'Old paint and primer may hold lead or chromate: test before anything makes dust or fumes of it. If it does: no dry sanding, no '
        .'burning off, and a trade that is licensed for it.',
    'fuel' => 'It held what burns: drained, purged and measured gas-free by somebody licensed before anything sparks or warms. No warm box, no hot air, '
        .'no grinder until then.',
    'structure' => 'A skin is cosmetic. Helmets, anchor parts of seat belts, brakes, steering, airbag covers and wheels: don\'t clad, '
        .'don\'t drill, ask the licensed trade. Fixing of outside parts follows local vehicle rules.',
    'catalyst' => 'Peroxide catalyst: goggles, one drop in an eye blinds. Never straight onto accelerator or acetone, never in metal, '
        .'never back into the bottle. Rags with it catch fire by themselves.',
    'vacuum' => 'A resin trap under vacuum can implode: steel or a guarded pot, no bare glass. Eyes covered; hands off the bag\'s folds '
        .'while it draws down.',
    'lift' => 'A thick laminate cooks itself: no more plies at once than shown. Feel it every ten minutes; one that smokes goes outside, '
        .'pattern and all, onto mineral ground.',
    'clamp' => 'Clamps on pads: fingers out, nothing under spring left unwatched.',
    'warming' => 'Warm box and lamp: no warmer than shown, never on fresh solvent, nothing left alone that could burn. '
        .'The data sheet\'s own limit comes first.',
];
