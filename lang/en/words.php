<?php

declare(strict_types=1);

return [
    'substrate' => ['abs' => 'ABS', 'polypropylene' => 'polypropylene', 'polyethylene' => 'polyethylene', 'polycarbonate' => 'polycarbonate', 'pla' => 'PLA', 'petg' => 'PETG', 'glass_fibre' => 'glass fibre', 'steel' => 'steel', 'aluminium' => 'aluminium', 'wood' => 'wood or MDF', 'painted' => 'painted surface', 'carbon' => 'carbon'],
    'tone' => ['black' => 'black', 'dark' => 'dark', 'mid' => 'mid', 'light' => 'light or white'],
    'backing' => ['black' => 'black base', 'clear' => 'clear base'],
    'finish' => ['gloss' => 'gloss', 'satin' => 'satin', 'matt' => 'matt'],
    'shape' => ['panel' => 'flat panel', 'bent_panel' => 'bent panel', 'dome' => 'dome', 'half_tube' => 'half tube', 'box' => 'box', 'faces' => 'type area per face'],
    'size' => ['length' => 'length', 'width' => 'width', 'height' => 'height', 'top' => 'top', 'flank' => 'flank', 'bend_deg' => 'bend', 'bend_radius' => 'bend radius', 'edge_radius' => 'edge radius', 'diameter' => 'diameter', 'tube_radius' => 'tube radius'],
    'zone' => ['level' => 'level', 'slope' => 'slope', 'flank' => 'flank', 'edge' => 'edge', 'lap' => 'lap or double ply', 'bare' => 'bare or mating'],
    'visibility' => ['show' => 'show', 'second' => 'second', 'hidden' => 'hidden'],
    'wet_out' => ['at_once' => 'at once on the tacky base', 'on_set_base' => 'after the base has set'],
    'wet_out_why' => ['at_once' => 'bonds chemically; floats if flooded', 'on_set_base' => 'cannot float, trims clean'],
    'after_wet_out' => ['cure_then_key' => 'full cure, then key', 'second_at_tack' => 'second coat at tack first'],
    'after_wet_out_why' => ['cure_then_key' => 'one batch less; careful with the nibs', 'second_at_tack' => 'costs a batch, saves weave'],
    'top' => ['clear' => 'spray a clear', 'polish_resin' => 'polish the resin itself'],
    'top_why' => ['clear' => 'guards against sun; any sheen', 'polish_resin' => 'gloss only; UV-stable resin in the sun'],
    'choice' => ['wet_out' => 'Wet-out', 'after_wet_out' => 'After the wet-out', 'top' => 'Top', 'build_coats' => 'Build coats'],
    'touch' => ['too_wet' => 'too wet', 'print' => 'print, nothing lifts', 'dents' => 'no print, nail dents', 'hard' => 'hard'],
    'touch_says' => ['too_wet' => 'wait', 'print' => 'bonds', 'dents' => 'still bonds', 'hard' => 'key first'],
    'fact' => ['ready' => 'Ready check', 'weighed' => 'Weighed', 'coat_on' => 'Coat is on', 'touched' => 'Tack check', 'sanded' => 'Sanded', 'wiped' => 'Wiped', 'done' => 'Done', 'skipped' => 'Not needed', 'struck' => 'Struck out', 'chosen' => 'Choice changed'],
    'component' => ['resin' => 'resin', 'hardener' => 'hardener', 'pigment' => 'pigment'],
    'driven' => ['wet_block' => 'wet, on a block', 'dry_block' => 'dry, on a block', 'orbital' => 'orbital'],
    'ready_check' => [
        'pieces' => 'Pieces cut and marked, weave line drawn',
        'tools' => 'Tools laid out, brush shed and sealed',
        'gloves' => 'Gloves and sleeves on, a second pair at hand',
        'masking' => 'Masking down, wiped and dry',
        'air' => 'Air and part warm enough, 3 °C above dew point',
        'patch' => 'Witness patch set out',
        'second_person' => 'Second person here: the piece is large',
    ],
];
