<?php

declare(strict_types=1);

use OakGloss\Film\Face;
use OakGloss\Film\SkinSection;

// The section through the skin.
return [
    'title' => 'Section through the skin',
    'after' => 'after :step',
    'bare_part' => 'bare part',
    'as_read' => 'as read',
    'none' => 'The section begins with the wet-out.',
    'drawing' => 'Section through the skin, height to scale',
    'what' => 'Resin over the weave\'s crowns for each zone, with the plane where flatting ends. The table below tells the same.',
    'crowns' => 'crowns',
    'bare' => 'bare',
    'key' => ':flat P:from to P:to ends here; the number is what stays over the weave. Height to scale, width schematic; '
        .'pale coats are still ahead.',
    'columns' => ['Zone', 'Over crowns now', 'Texture', 'Stays after flatting', 'Doubt', 'Burns through'],
    'of' => 'the section',
    'why' => 'Each coat leaves what does not drain off a face of that slope and length before it gels (Jeffreys), '
        .'less what an edge pulls away (r / (r + '.Face::EDGE_PULL_MM.' mm), ours) and 3 % shrinkage; it takes away a share of the weave\'s texture. '
        .'Flatting goes to flush, then the later grits and the last scratch. '
        .'Doubt of brushed work: '.(100.0 * SkinSection::HABIT).' % of all of it by habit, '.(100.0 * SkinSection::CHANCE)
        .' % of each coat by chance, and '.SkinSection::ALWAYS_UM.' µm (ours). '
        .'Measured slugs will say better.',

    'laminate' => [
        'titles' => ['mould' => 'Section through the mould', 'part' => 'Section through the laminate'],
        'of' => ':mm mm · :plies · µm',
        'what' => 'From the form up: each ply with its fibre in its resin. Height to scale, width schematic; pale plies are still ahead.',
        'on' => ['pattern' => 'pattern', 'mould' => 'mould', 'panel' => 'panel', 'plate' => 'plate', 'part' => 'part'],
        'role' => [
            'gel_coat' => 'gel coat', 'coupling' => 'coupling', 'lift' => 'mould ply', 'laminate' => 'seen ply', 'inner_ply' => 'inner ply',
            'bagged_ply' => 'seen ply', 'infuse' => 'infused ply', 'inner_wet_out' => 'first ply', 'wet_out' => 'outer ply',
        ],
        'columns' => ['Stratum', 'Thickness', 'Fibre', ''],
        'laid' => 'laid',
        'ahead' => 'ahead',
        'these' => 'these figures',
        'why' => 'A ply is as thick as its fibre and its resin together: cloth weight over its fibre\'s density (1.78 g/cm³ of carbon), and the resin that it was given over its '
            .'density, shrunk. Laid plies count with what was weighed.',
    ],
    'sheet' => [
        'title' => 'Parts from the flat sheet',
        'all' => ':n parts · :share % of the flat sheet',
        'fewer' => ':n of :planned parts · :share % of the flat sheet',
        'what' => 'The flat sheet from above, to scale: :n parts in strips along the weave, :flaws flaws outside them.',
        'bar' => ':mm mm · 3 mm for each cut',
        'weave' => 'Warp runs from left to right; the marked corner is upper left.',
        'offcut' => 'Offcut for the shelf: :along mm along the warp × :across mm.',
    ],
];
