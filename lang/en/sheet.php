<?php

declare(strict_types=1);

use OakGloss\Schedule\PartSchedule;

// The run sheet: all parts against time.
return [
    'zoom' => 'Zoom',
    'spans' => ['12h' => '12 h', '1d' => 'day', '3d' => '3 days', '1w' => 'week', '2w' => '2 weeks'],
    'earlier' => 'Earlier',
    'later' => 'Later',
    'turn' => 'Plan back from when I\'m free',

    'scroll' => 'Parts against time; scroll sideways',
    'drawing' => 'One lane a part, one lane a pair of hands. Blocks are steps; dotted while wet, solid while the coat bonds, tapering '
        .'while it cures. '
        .'The list below tells the same.',
    'needed_by' => 'needed by :at',
    'block' => ':letter, :step, :from to :to',
    'block_pinned' => ', pinned',
    'as_list' => 'The same as a list by day',

    'trial' => ':step at :at',
    'because' => [
        'before' => 'Its own steps before it, the air or the shop\'s hours don\'t let it begin then.',
        'held' => 'Hands or a place are with :parts then.',
        'after' => 'What follows it would have no place in its own window then.',
    ],
    'no_way' => '<b>It has no place there.</b> No way through was found. <span>Put it back, or drop it inside the marked range.</span>',
    'nearest' => '<b>It has no place there.</b> The nearest that keeps every rule is :at. '
        .'<span>Put it back, or drop it inside the marked range.</span>',
    'stays' => 'ready stays <b class="num">:at</b>',
    'later_than' => 'ready <span class="num">:from</span> → <b class="num is-stop">:to</b>',
    'sooner_than' => 'ready <span class="num">:from</span> → <b class="num">:to</b>',
    'keyed' => '· window let go, key first, :span hands',
    'accept' => 'Accept, pin it there',
    'put_back' => 'Put back',

    'move' => 'Move a step', 'move_narrow' => 'Press a step in the list: it says its window, and takes another time.',
    'move_how' => 'Drag a block along the time: the green ground shows where it may start. '
        .'By key: Tab to a block, arrows move it by '.PartSchedule::GRID_MIN.' min, with Shift by an hour, Enter lets go, Escape puts it back. '
        .'Or press a block and type the time.',
    'from_to' => ':from to :to, :way',
    'bonds' => 'recoat window :between, :sure',
    'sandable' => 'sandable :at, between :spread',
    'move_to' => 'Move its start to',
    'see' => 'See what gives',
    'unpin' => 'Unpin',
    'pinned' => 'Pinned to :at. The others are placed around it.',
    'free' => 'Free again. The run sheet places it.',
    'not_ahead' => 'That step is not ahead any more.',
    'passed' => 'That time has passed; a step can start now or later.',
    'far' => 'That lies too far off; no step is planned more than two years ahead.',

    'climate' => 'Another air for this part',
    'in' => 'In',
    'climate_to' => ':climate, to :c °C',
    'climate_from' => 'From',
    'climate_until' => 'Until',
    'climate_at' => 'at',
    'plan_it' => 'Plan it',
    'climate_care' => 'Never on fresh solvent, nothing left alone that could burn. The data sheet\'s own limit comes first.',
    'climate_planned' => ':climate planned. Every window of :letter follows it; strike it out in its record to take it back.',
    'too_cold' => 'No colder than :c: what its resin cures in, and :margin above the dew point. Cool, damp air makes it blush.',
    'too_warm' => 'No warmer than :c: what it makes, the film before it has set, and :substrate bear no more.',
    'climate_passed' => 'That time has passed.',
    'a_week' => 'A week is the longest.',
    'no_room' => 'No place is left in it then.',
    'fields' => ['from' => 'begin', 'until' => 'end', 'c' => 'temperature', 'kind' => 'what', 'at' => 'time', 'at_local' => 'time'],

    'calendar' => 'Calendar',
    'calendar_what' => 'Steps and windows, with alarms before a window opens and before its sure part ends. '
        .'<a href=":url" download>Take the file</a>, or let a calendar read a private address.',
    'shown_once' => 'Shown once; whoever knows it can read the run sheet',
    'feed_read' => 'Address of :of, last read :at',
    'feed_unread' => 'Address of :of, not read yet',
    'revoke' => 'Revoke',
    'new_address' => 'New private address',

    'event' => [
        'step' => ':letter · :step',
        'begins' => ':letter: :step',
        'window' => ':letter recoat window · for :step',
        'touch' => 'As expected; :sure. Touch the witness patch before you coat.',
        'opens' => ':letter: window opens',
        'ends' => ':letter: sure part of the window ends soon',
    ],

    'reckoning_title' => 'Reckoning',
    'reckoning' => 'Reckoning the run sheet',
    'reckoning_what' => 'Every part against every pair of hands.',
    'reckoned' => 'Share reckoned',
    'reckon_first' => '<a href=":reckon">Reckon</a>, then <a href=":to">go on</a>.',

    // What is answered to a form.
    'revoked' => 'Revoked. That address answers nothing any more.',
];
