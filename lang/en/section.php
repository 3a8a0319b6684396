<?php

declare(strict_types=1);

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
        .'less what an edge pulls away (r / (r + 0.4 mm), assumed) and 3 % shrinkage; it takes away a share of the weave\'s texture. '
        .'Flatting goes to flush, then the later grits and the last scratch. Doubt of brushed work: 20 % of the film plus 8 µm (assumed). '
        .'Measured slugs will say better.',
];
