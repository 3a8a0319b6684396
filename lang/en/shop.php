<?php

declare(strict_types=1);

use OakGloss\Climate\Forecast;

// Hours, air and the shop's own numbers.
return [
    'losses' => 'What cups keep back here, by what was left in them',
    'loss_columns' => ['Spread with', 'A cup of', 'Keeps back', 'In 95 of 100', 'Leftovers'],
    'loss_between' => ':least to :most',
    'losses_why' => 'On a log scale, beginning with the shop\'s number known to a half; each leftover is known to 0.3, as one cup differs from '
        .'the next, and counts by how alike its size is (0.7). The widths are planning values of ours.',
    'owners' => 'The shop\'s numbers are the owner\'s to change; days with other hours stand below.',
    'another_look' => 'Some fields need another look; nothing typed is lost.',
    'days' => [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],

    'week' => 'Week: hands and air',
    'week_how' => 'Times like 08:00; leave a span empty where nobody works. One that ends before it begins goes on past midnight.',
    'week_scroll' => 'Week; scroll sideways',
    'week_columns' => ['Day', 'Hands from', 'until', 'and from', 'until', 'Coldest °C', 'at', 'Warmest °C', 'at'],
    'span_from' => ':day, span :n, from',
    'span_until' => ':day, span :n, until',
    'curve' => [
        'coldest_c' => 'coldest', 'coldest_at' => 'time of the coldest', 'warmest_c' => 'warmest', 'warmest_at' => 'time of the warmest',
    ],

    'hands' => 'Hands',
    'hands_how' => 'Each is one pair of hands on the run sheet. Own hours read like 08:00-12:30, 13:15-18:00, or 22:00-02:00 past '
        .'midnight; '
        .'an empty day is a day off.',
    'at_bench' => '<b>:name</b> at the bench',
    'own_hours' => 'own hours',
    'own_days' => 'Days',

    'things' => 'Shared things: places',
    'thing' => [
        'booth' => 'Spray booth', 'warm_box' => 'Warm box', 'heat_lamp' => 'Heat lamp',
        'heated_room' => 'Heated room', 'cool_place' => 'Cool place', 'oven' => 'Oven',
    ],
    'parts' => 'parts',
    'lead_days' => 'From an order to its delivery', 'lead_days_why' => 'where no delivery says how long it took',
    'tools' => 'Tools that the shop has',
    'wipe_holds' => 'A wipe is good for',
    'leak' => 'A bag may lose',
    'leak_unit' => 'mbar in 10 min',
    'cool_place' => 'Cool place has',

    'points' => 'Typed points',
    'points_how' => 'Where more is known than the day curve: between points up to '.(Forecast::TYPED_GAP_MIN / 60.0).' hours apart only these hold.',
    'many_points' => ':n points stand, more than are typed by hand. <a href=":url">See the air</a>.',
    'point' => 'Point :n',
    'point_air' => 'air',

    'cup_loss' => 'Left in cup and brush',
    'cup_loss_unit' => 'g a coat',
    'scale_step' => 'Step of the scale for cups',
    'part_scale_step' => 'Step of the scale for parts',
    'calliper_step' => 'Step of the calliper',
    'ranges' => 'Devices may be',
    'range' => ['private' => 'in this building\'s own network', 'loopback' => 'on this machine'],
    'no_range' => 'Without either, only addresses of the open net are asked.',
    'scale' => 'Bench scale answers at',
    'meter' => 'Gloss meter answers at',
    'unrest' => 'Re-plan only if it saves',
    'unrest_why' => 'A better plan is offered only where it gains more than this for every part that it moves.',
    'target' => 'Burn-through allowed',
    'target_unit' => '% of a show zone',
    'print_through' => 'Before the last flatting, usually',
    'print_through_why' => 'for new parts; each part can choose its own',

    'exceptions' => 'Days with other hours',
    'exception' => ':day, :who: :hours',
    'everybody' => 'everybody',
    'nobody' => 'nobody there',
    'withdraw' => 'Withdraw',
    'none_ahead' => 'None ahead.',
    'day' => 'Day',
    'whose' => 'Who',
    'hours' => 'Hours',
    'hours_empty' => 'empty where nobody is there',
    'because' => 'Reason',
    'goes_home' => ':name goes home now',

    // What is answered to a form.
    'time_like' => 'A time reads like 08:00.',
    'air_time_like' => 'A time reads like 05:50.',
    'warmest_colder' => 'The warmest must not be colder than the coldest.',
    'span_times' => 'A span needs both times, and none may overlap.',
    'somebody' => 'Somebody has to be at the bench.',
    'one_day' => 'At least one day needs working hours.',
    'kept' => 'Kept. The plan stands where it still holds; what does not is mended, and told on the bench.',
    'withdrawn' => 'Withdrawn. The week\'s hours stand again on that day.',
    'gone_home' => ':name is gone for today. What was left is given to others or later hours.',
    'too_far' => 'The :attribute lies too far off: from a year back to two ahead.',
    'span_unreadable' => '“:piece” can\'t be read. Hours read like 08:00-12:30, 13:15-18:00, or 22:00-02:00 through the night.',
    'span_overlaps' => '“:piece” begins before the span before it ends.',
    'span_backward' => '“:piece” ends before it begins. Through the night a span is 12 hours at most.',
    'fields' => [
        'spans' => 'hours',
        'who' => 'who',
        'air.*.coldest_c' => 'coldest',
        'air.*.warmest_c' => 'warmest',
        'cup_loss_g' => 'left in cup and brush',
        'wipe_holds_min' => 'how long a wipe is good for',
        'lead_days' => 'days from an order to its delivery',
        'scale_step_g' => 'step of the scale',
        'part_scale_step_g' => 'step of the part scale',
        'calliper_step_mm' => 'step of the calliper',
        'meter_url' => 'address of the gloss meter',
        'target_percent' => 'burn-through target',
        'unrest_min' => 'cost of moving a part',
        'things.*' => 'places',
        'cool_place_c' => 'temperature of the cool place',
        'typed.*.at' => 'time of the point',
        'typed.*.c' => 'temperature of the point',
    ],
];
