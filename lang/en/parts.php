<?php

declare(strict_types=1);

// The list of parts and a part's plan.
return [
    'state' => [
        'title' => 'Hold, cancel, start over', 'hold' => 'Put on hold', 'cancel' => 'Cancel it', 'delete' => 'Delete it', 'resume' => 'Take it up again',
        'hold_costs' => 'Gives up :hands of planned hands; ready :ready no more, but whenever it is taken up again.',
        'hold_window' => 'The window that is next closes :at: past it the coat is keyed first.',
        'cancel_costs' => 'Off the run sheet; the record stays, and what it was to take of the shelf is free.',
        'over' => 'Start over from here', 'over_because' => 'Why, if it is worth a word',
        'over_costs' => 'What lies on it is stripped off and the job begins again. Steps, hours and days are shown before it is taken.',
        'delete_costs' => 'Nothing was logged: it goes from every list.',
        'held' => 'put on hold', 'cancelled' => 'cancelled', 'resumed' => 'taken up again',
        'kept_held' => 'On hold. Its hands and places are free; it goes on when it is taken up again.',
        'kept_cancelled' => 'Cancelled. The record stays; what it was to take of the shelf is free.',
        'kept_resumed' => 'Taken up again; the plan has it from now.',
        'is_held' => 'On hold since :at.', 'is_cancelled' => 'Cancelled :at. The record stays.',
        'lies' => ':part is on hold or cancelled: take it up again first.',
        'has_record' => 'Something was logged of it: cancel it, and the record stays.', 'deleted' => ':part is deleted.',
        'move' => 'or it was done to', 'move_it' => 'Move it there',
        'moved_to' => 'was done to :to', 'moved_from' => 'the line above was logged for :from first', 'moved' => 'Moved from :from to :to, at its own time.',
        'lying' => 'On hold',
    ],
    'one' => 'Part',
    'new' => 'New part',
    'none' => 'No part yet. The first one takes two minutes to describe.',
    'primed' => 'primed',
    'rooms' => ['show' => 'Plan', 'film' => 'Film', 'sand' => 'Sand', 'clear' => 'Clear', 'inspect' => 'Inspect', 'dispatch' => 'Dispatch', 'record' => 'Record', 'money' => 'Money'],
    'stage_done' => ':n of :of',
    'steps_done' => ':n of :of steps done',
    'ready' => 'ready <b>:at</b>',
    'finished' => 'Finished',
    'finished_pages' => 'Finished parts',
    'newer' => 'Newer',
    'older' => 'Older',
    'page' => ':n of :of',

    'figures' => [
        'ready' => 'ready',
        'finished' => 'finished',
        'print' => 'weave prints back', 'by_cure' => 'by full cure', 'none_from' => 'none from :at',
        'hands' => 'hands-on ahead',
        'resin' => 'resin, mixed',
        'risk' => 'risk of burn-through', 'any' => ':zone, :any that any shows',
        'gloss' => 'gloss at 60°', 'expected' => 'GU, expected',
    ],

    'mind' => 'Mind',
    'choices' => 'Choices and their price',
    'fewest' => 'fewest that keep every show zone under :target',
    'by_hand' => 'set by hand',
    'price' => 'ready :ready · :count mix · :grams · :hands hands · :risk risk, :any that any shows'
        .'|ready :ready · :count mixes · :grams · :hands hands · :risk risk, :any that any shows',
    'price_plain' => 'ready :ready · :count mix · :grams · :hands hands'
        .'|ready :ready · :count mixes · :grams · :hands hands',
    'anew' => ', :at if it were placed anew as it is',
    'nibs' => ' · nib paper cuts :share',

    'coats' => 'Coats, newest on top',
    'change_brief' => 'Change the brief',
    'next' => 'Next: :step',
    'show_section' => 'Show the section after this step',
    'more_on' => 'More on :step',
    'hands' => 'hands-on :span',
    'row' => [
        'skipped' => '· not needed',
        'keyed' => '· key first',
        'open' => 'window open, closes :at, :sure',
        'window' => 'window :between, :sure',
        'ready' => ':event :at, between :spread',
        'cuts' => 'on :cover of cover: :share of :zone would be cut to the fibre where the paper goes over all of it: nibs only',
        'cuts_hand' => 'on :cover of cover: :share of :zone would be cut to the fibre; by hand, and stop at the first silver',
        'piece' => 'piece :piece',
        'only' => 'over :zones alone',
        'now' => 'now',
    ],

    'faces' => 'Type each face below as a zone with its area. The cloth piece is guessed from a square of the same area.',
    'unplannable' => 'No plan can be made of this part as it is kept',
    'because' => '<b>Why</b> :why',
    'unplannable_so' => 'It is left out of the run sheet, and all others go on. What was recorded stays as it is.',
    'change_its_brief' => 'Change its brief',

    // What is answered to a form.
    'settled' => 'What was done has settled that choice.',
    'taken' => 'Taken. The plan is reckoned anew.',
    'no_choice' => 'That is no choice.',
    'no_pair' => 'That is no pair of choices.',
];
