<?php

declare(strict_types=1);

// The brief of a part.
return [
    'change' => 'Change the brief',
    'change_of' => 'Change :part',
    'not_kept' => 'Not kept yet.',
    'another_look' => 'One field needs another look.|:count fields need another look.',
    'nothing_lost' => 'Nothing typed is lost.',
    'name' => 'Name',
    'letter' => 'Letter tag',
    'substrate' => 'Made of',
    'tone' => 'Colour',
    'primed' => 'comes primed or sealed',
    'primed_what' => 'metal, wood',
    'size' => 'Size',
    'shape' => 'Nearest shape',
    'unit' => 'Unit',
    'units' => ['mm' => 'mm', 'in' => 'inches'],
    'wrap' => 'Wrap under the rim',
    'holes' => 'Holes to drill',
    'life' => 'Finish and life',
    'finish' => 'Finish',
    'needed_by' => 'Needed by',
    'priority' => 'On the run sheet',
    'will_see' => 'It will see',
    'lives' => ['sun' => 'sun', 'heat' => 'heat', 'wear' => 'wear'],
    'with' => 'With what',
    'method' => 'Way of working',
    'film' => 'Film over the weave',
    'relief' => 'Ridge to low',
    'known_by' => 'Film known by',
    'slots' => [
        'base' => 'Base resin', 'skin' => 'Resin over the cloth', 'cloth' => 'Cloth', 'inner_cloth' => 'Inner plies', 'clear' => 'Clear', 'filler_clear' => 'Filler clear',
    ],
    'backing' => 'Base coat',
    'none' => 'none',
    'keep' => 'Keep the brief',
    'plan' => 'Plan this part',
    'back' => 'Back',
    'not_now' => 'Not now',

    // What is answered to a form.
    'changed' => 'The brief is changed and the part planned anew.',
    'planned' => ':part is planned.',
    'letter_like' => 'The letter tag is one capital letter, A to Z, or two.',
    'letter_taken' => 'An open part carries that letter already.',
    'zone_name' => 'Each zone needs a name of its own: passes and readings go by it.',
    'needed_by_like' => 'Needed by is a date and a time.',
    'feeds_itself' => 'Zone :n can\'t feed itself.',
    'no_such_zone' => 'There is no zone :n: numbers from 1 to :most, with commas between.',
];
