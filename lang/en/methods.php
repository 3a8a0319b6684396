<?php

declare(strict_types=1);

// By the code of a method: what it is called, and when it is the one to take.
return [
    'brush_on' => ['name' => 'Brush-on skin', 'when' => 'one ply laid dry on a tacky base, buried under brushed coats'],
    'sheet_metal' => ['name' => 'Skin on sheet metal', 'when' => 'primer and filler, a base that sets first, filler clear, clear'],
];
