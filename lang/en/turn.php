<?php

declare(strict_types=1);

// A window turned to where hands are free.
return [
    'title' => 'Planned back from when I\'m free',
    'head' => 'A window where hands are free',
    'none' => 'No part takes next a coat that another has to follow while it bonds.',
    'free' => 'Hands are free',
    'example' => 'tomorrow 13:00 to 14:30 and after 16:00',
    'pool' => 'all at this stage in one cup: :letters',
    'find' => 'Find ways',
    'nothing' => '<b>Nothing lands there.</b> No start, hardener or warm box on the shelf brings the window of the next coat into these '
        .'hours. '
        .'<span>Give it a later evening, or let it cure and key it.</span>',
    'way' => ':letters: coat :coat, next :next',
    'drawing' => 'Coat :coat, window :between, next coat :next',
    'blend' => '(estimate: no data sheet states a blend)',
    'cups' => '{1} · :grams in one cup, use within :span|[2,*] · :grams in :count cups, use within :span',
    'too_long' => 'too long to spread from one mix: mix for each part',
    'warm_box' => 'warm box at :c °C until :until',
    'saves' => ':weight instead would save a coat',
    'ready' => 'ready :at',
    'ready_now' => 'ready :at, now :now',
    'take' => 'Take it',
    'warms' => 'Warm box: no warmer than shown, never on fresh solvent, nothing left alone that could burn. '
        .'The data sheet\'s own limit comes first.',

    // What is answered to a form.
    'no_such_coat' => 'That part takes no such coat next any more.',
    'not_open' => 'That way is not open any more.',
    'taken' => 'Taken: :letters at :at. The others are placed around it.',
    'unreadable' => '“:piece” can\'t be read. It reads like: tomorrow 13:00 to 14:30 and after 16:00',
    'backward' => '“:piece” ends before it begins.',
    'no_time' => ':clock is no time of the day.',
    'no_time_left' => 'No time is left in that. It reads like: tomorrow 13:00 to 14:30 and after 16:00',
];
