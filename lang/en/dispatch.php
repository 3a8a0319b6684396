<?php

declare(strict_types=1);

return [
    'title' => 'Dispatch note of :part',
    'open' => 'Dispatch note',
    'caption' => 'What goes with the part',
    'work' => [
        'clear' => ':letter :part, to be cleared', 'post_cure' => ':letter :part, to be held warm', 'cutting' => ':letter :part, to be cut',
    ],
    'line' => [
        'size' => 'Size', 'substrate' => 'Part', 'resin' => 'Resin of its face', 'cured' => 'Cured', 'scratch' => 'Leaves in a scratch of',
        'finish' => 'Finish wanted', 'bake' => 'No bake above', 'masked' => 'Stays bare, masked', 'leaves' => 'Leaves', 'back' => 'Wanted back',
        'price' => 'Price agreed',
    ],
    'cured_since' => 'last coat on :at',
    'nothing_bare' => 'nothing',
    'defer' => 'The data sheets of resin and clear, and your own licence and rules, come before anything that stands here.',
    'when_back' => 'When it is back',
    'look' => [
        'clear' => ['Runs, dust, dry spray', 'Gloss at 60°', 'Film by the gauge', 'Edges and masked faces'],
        'post_cure' => ['Warmest, by the record of the hold', 'Straight-edge', 'Blisters, print'],
        'cutting' => ['Sizes against the drawing', 'Edges, white lines', 'Pieces'],
    ],
    'log_it' => 'Log gloss on the clear page, film on the film page, and what is wrong with it under Inspect.',
];
