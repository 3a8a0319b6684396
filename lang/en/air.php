<?php

declare(strict_types=1);

use OakGloss\Climate\Forecast;

return [
    'last' => 'last reading <b>:c</b>, :ago ago, :source',
    'none' => 'no reading yet',
    'columns' => ['When', 'Air', 'From'],
    'expected' => 'expected',

    'chart' => 'Air against time',
    'chart_scroll' => 'Air against time; scroll sideways',
    'chart_what' => 'Measured air up to now, with gaps where the probe was silent; expected air for two days. '
        .'The tables below tell the same.',
    'no_coat' => 'no coat below :c',
    'dew' => 'dew point now',
    'chart_left_out' => 'left out: :words',
    'now' => 'now',
    'key' => '<b class="key-measured"></b> measured <b class="key-expected"></b> expected <b class="key-curve"></b> day curve alone '
        .'· ○ typed at the bench · × left out',

    'probe' => 'Probe',
    'no_probe' => 'None yet. Any probe that answers HTTP with <code>{"air_c": 17.6, "rh_percent": 54}</code> will do.',
    'silent' => '<b>Silent</b> asked :at: :because. <span>Plans stand on the last good reading and the day curve.</span>',
    'forgotten' => '<b>Not asked</b> since :at: what asks it every minute seems to have stopped. '
        .'<span>Ask it here; who looks after the machine starts <code>php artisan oak:poll-probe --every=60</code> again.</span>',
    'answers' => 'Asked :ago ago. It answers.',
    'unasked' => 'Not asked yet.',
    'ask' => 'Ask it now',
    'address' => 'Its address',
    'stand_in' => 'Empty: the stand-in at :url',
    'left_out' => 'Left out',
    'said' => ':at said :said: :because',
    'none_asked' => 'No probe of the shop\'s own is asked.',
    'kept_probe' => 'Kept. It is asked from now on.',
    'nothing_new' => 'Nothing new.',
    'new_readings' => '{1} One new reading.|[2,*] :count new readings.',
    'probe_silent' => 'The probe is silent: :because. Plans stand on the last good reading.',

    'file_title' => 'From a file',
    'file_what' => 'CSV with a header: <i>time</i>, <i>°C</i> and, if wanted, <i>%RH</i>, in any order. '
        .'Past lines are readings, later ones a forecast. One bad line and nothing is taken.',
    'file' => 'File',
    'zone' => 'Zone of times that name none',
    'take' => 'Take it',
    'too_large' => 'The file is larger than 2 MB.',
    'bad_line' => ':line Nothing was taken.',
    'too_far' => ':day lies too far off: from a year back to two ahead. Nothing was taken.',
    'taken' => 'Taken: :new readings, :ahead points of forecast.',
    'same' => ':n were there already.',

    'forecast' => 'Forecast',
    'no_points' => 'The week\'s day curves. Points that are typed on the <a href=":url">shop\'s page</a> or come from a file replace them '
        .'between points up to 16 hours apart.',
    'points' => '{1} One point from :from to :to stands in place of the day curve between neighbours up to 16 hours apart.'
        .'|[2,*] :count points from :from to :to stand in place of the day curve between neighbours up to 16 hours apart.',
    'forget' => 'Back to the day curves',
    'forgot' => 'Typed points are gone; the week\'s day curves stand.',
    'fades' => 'A reading\'s difference from it fades with a memory of '.(Forecast::MEMORY_MIN / 60.0).' h (assumed) and moves every window. '
        .'A part lags behind the air by its own time.',
    'jumps' => ':c is far from the :from of :ago ago. If that is a slip, type it again.',
    'far_off' => ':c is far from the :from that probe and forecast expect. If that is a slip, type it again.',
    'sure' => 'It is :c',
    'take_back' => 'Take it back',
    'taken_back' => 'Taken back. It stays in the list and is left out; the plan goes back to what stood before it.',
    'taken_already' => 'That reading is left out already.',
    'kept' => 'Reading kept. The forecast of the next hours follows it.',
    'fields' => ['air_c' => 'air', 'rh_percent' => 'humidity', 'probe_url' => 'address'],
];
