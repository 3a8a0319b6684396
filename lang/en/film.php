<?php

declare(strict_types=1);

use OakGloss\Film\BrushMarks;
use OakGloss\Film\RunRisk;
use OakGloss\Film\SkinSection;
use OakGloss\Plan\FilmReadings;

return [
    'title' => 'Film of :part',
    'finer' => 'Or <a href=":url">begin with P:grit</a>: so thin a cover forbids the coarser paper.',
    'more' => ['build_coats' => 'One more coat: :n build coats', 'finish_coats' => 'One more coat: :n finish coats'],

    'stays_on' => 'stay on :zone',
    'now' => 'Film over the crowns, now',
    'by_readings' => 'with what was read',
    'by_model' => 'by grams, air and passes; nothing read yet',
    'none' => 'The film begins with the wet-out.',
    'drawing' => 'Film over the crowns of each zone, to scale',
    'key' => 'Bar: best estimate. Whisker and ±: where the zone\'s mean lies in 95 of 100. Dotted: the model alone. '
        .'Dashed: where the next flatting ends.',
    'table_too' => 'The table tells the same.',
    'scroll' => 'Film of the zones; scroll sideways',
    'columns' => ['Zone', 'Over crowns', 'Mean known to', 'Off the model', 'Texture', 'After flatting', 'Burns through'],
    'estimate' => 'the estimate',
    'estimate_why' => 'The model\'s doubt ('.(100.0 * SkinSection::CHANCE).' % of the film plus '.SkinSection::ALWAYS_UM.' µm) is split: 0.6 of it is scatter within a zone and stays, '
        .'0.8 is doubt of the zone\'s mean, half of that variance common to all zones, half its own. '
        .'Each reading moves mean and doubt by its weight against theirs (Kalman); a zone\'s own habit holds for its next coats. '
        .'"Weave shows" puts the mean below '.FilmReadings::WEAVE_SHOWS_AT.' scatters, "uniformly matt" above about one. Shares are assumed; '
        .'docs/models/surface.md says more.',

    'read' => 'Read the film',
    'weigh' => 'The part on the scale, dry',
    'resolves' => 'Steps of :step g over :area: two weighings tell <b class="num">:um µm</b> of mean film.',
    'to_go' => '<b class="num">:to_go g</b> to go to the end of the next flatting; :limit g are the end of the budget.',
    'to_go_stop' => '<b class="num">:to_go g</b> to go to the end of the next flatting; stop after <b class="num">:limit g</b>.',
    'last' => 'Last: <b class="num">:g g</b>.',
    'weighs' => 'It weighs',
    'keep_weight' => 'Save weight',
    'thickness_of' => 'A thickness',
    'thickness_what' => 'Skin thickness: ply and base are taken off (:ply of ply).',
    'way' => 'By',
    'ways' => [
        'slug' => 'calliper on a drilled slug', 'offcut' => 'calliper on an off-cut', 'gauge' => 'film gauge, whole skin',
        'cut_face' => 'cut face under a loupe, over crowns',
    ],
    'zone' => 'Zone',
    'thickness' => 'Thickness',
    'unit' => 'in',
    'mean_of' => 'Mean of',
    'readings' => 'readings',
    'keep_thickness' => 'Save thickness',
    'with_the_pass' => '"Weave shows" and "shiny lows" are told with the pass, in <a href=":url">Sand</a>.',

    'runs' => 'What runs: the next coat at :c, :weight',
    'runs_scroll' => 'Runs; scroll sideways',
    'runs_columns' => [
        'Zone', 'Keeps of it', 'Fed by', 'Its line holds', 'Leaves the foot', 'Bead there',
        'Turned at half flow', 'Brush marks left', 'Last brush',
    ],
    'nothing' => 'nothing',
    'any' => 'any',
    'does_run' => 'runs',
    'runs_on' => 'runs on to :zone',
    'marks_stay' => 'marks stay',
    'minute' => 'minute :n',
    'print' => '<b class="num">Print-through:</b> :step :at, the weave pulls back by <b class="num">:um µm</b> as the film shrinks on; '
        .'a lamp does not show that.',
    'print_until' => '<b class="num">Print-through:</b> :step :at, the weave pulls back by <b class="num">:um µm</b> as the film shrinks '
        .'on; '
        .'from :until it stays under :shows µm, which a lamp does not show.',
    'wait' => 'Let the last flatting wait for it',
    'turn' => 'Half of the flow is over :min min after the coat: turn it then.',
    'drips' => 'Catch hanging drips from beneath after about half an hour.',
    'runs_of' => 'runs and marks',
    'runs_why' => 'Drainage with the viscosity at this air until the film gels: the uppermost face after Jeffreys, those below it fed by '
        .'what leaves it. '
        .'A line of faces holds what loses no more than '.(100.0 * RunRisk::HELD_SHARE).' % at its foot and hangs no bead there that lets go: over '.RunRisk::RUNS_FROM_MM.' mm, as a half '
        .'round (assumed). '
        .'Turned, what leaves is shared by both ends. '
        .'Brush marks '.BrushMarks::PITCH_MM.' mm apart and '.BrushMarks::HEIGHT_UM.' µm high (assumed) level after Orchard; '
        .'the last useful brushing leaves them flow enough to fall under 1 µm.',

    'approaches' => 'Many thin coats or few heavy ones',
    'approaches_at' => 'from the wet-out to the first flatting, at :c',
    'a_coat' => 'a coat',
    'coats' => 'coats',
    'never_enough' => 'ten are not enough',
    'resin' => 'resin',
    'cups' => ':n cups a coat',
    'hands' => 'hands and tack',
    'on' => 'on :zone',
    'no' => 'none',
    'bead' => 'bead :mm mm',
    'burns' => 'burns through',
    'heavy' => 'Heavy coats need level faces: on steep ones they drain to what the face holds, and the rest costs sanding.',

    // What is answered to a form.
    'type_grams' => 'Type what the scale shows, in grams.',
    'type_thickness' => 'Type the thickness.',
    'thickness_range' => 'Between 1 and 5000 µm, or 0.001 and 5 mm.',
    'bare' => 'There is nothing on this part yet.',
    'no_film' => 'The film begins with the wet-out; before it there is nothing to measure.',
    'kept' => 'Kept. :do',
    'fields' => ['part_g' => 'weight of the part', 'um' => 'thickness', 'n' => 'number of readings'],
];
