<?php

declare(strict_types=1);

use App\Money\Charging;

return [
    'title' => ':part: money',
    'no_amount' => 'An amount in :currency, with at most :digits digits after the point.',
    'no_currency' => 'Three capital letters, such as EUR.',
    'no_rate' => '<b>No rate yet.</b> Hours cost nothing here until <a href=":url">the shop says what one is worth</a>.',
    'unpriced' => '<b>No price known:</b> :what. <span>They are in the sum with nothing. Type a delivery with its price on the shelf.</span>',
    'not_finished' => 'It is settled once its last step is done.',
    'erased' => 'The name is forgotten. What was quoted stands.',
    'settings_kept' => 'Kept. Quotes that were given stand as they were given.',
    'kept' => ['quote' => 'Quote :n is kept.', 'settlement' => 'Settlement :n is kept.'],
    'one' => ['quote' => 'Quote :n', 'settlement' => 'Settlement :n'],
    'kept_title' => 'Kept, and as PDF',
    'valid_until' => 'valid until :at',
    'planned' => 'As it is planned',
    'so_far' => 'What it has cost by now',
    'actual' => 'What it has cost',
    'columns' => ['For', 'How much', 'At', 'Amount'],
    'groups' => ['material' => 'Materials', 'hands' => 'Hands', 'place' => 'Booth and box', 'wet' => 'Gloves, cloths, cups, sticks', 'coat' => 'Cups, brushes, gloves', 'sent_out' => 'Sent out'],
    'rescue' => 'way out',
    'wet' => 'Gloves, cloths, cups and sticks, by the hour of wet work',
    'unit_sent' => 'job',
    'stages' => [
        'pattern' => 'Pattern', 'mould' => 'Mould', 'ground' => 'Ground', 'cloth' => 'Cloth', 'build' => 'Build', 'level' => 'Level and finish coats',
        'surface' => 'Clear and polish', 'off' => 'Off the form', 'fit' => 'Joining and fitting',
    ],
    'places' => ['booth' => 'Booth', 'box' => 'Warm box'],
    'no_price' => 'no price',
    'price_for' => ':price for :pack',
    'price_each' => ':price each',
    'price_hour' => ':price/h',
    'sums' => [
        'waste' => 'Waste, :percent % of materials', 'cost' => 'Cost', 'margin' => 'Margin, :percent % of cost', 'net' => 'Net',
        'tax' => 'Tax, :percent % of net', 'total' => 'Total',
    ],
    'why_planned' => 'Every step of the plan: resin with what stays in cup and brush, cloth as pieces off the roll, clear with what the gun '
        .'loses, papers by what they wear, each at the price of its last delivery; hands by the planned minutes. Each line is rounded by '
        .'itself, half up.',
    'why_actual' => 'What the record took off the shelf, at the price of the very lot; hands by logged minutes where there are any (a coat from '
        .'its ready check until it is on, passes with their minutes), planned minutes of done steps elsewhere. Struck-out facts '
        .'count nothing.',
    'customer' => 'For whom',
    'customer_hint' => 'a name; it can be erased at any time',
    'keep_quote' => 'Save it as a quote',
    'erase' => 'Erase :name',
    'settle' => 'Settle it',
    'difference' => ['quote' => 'Cost against the quote: :by', 'plan' => 'Cost against the plan: :by'],
    'against_plan' => 'No quote was kept: held against the plan as it is now.',
    'against_quote' => 'Held against quote :n.',
    'causes' => [
        'rescue' => 'A way out', 'grams' => 'More or less material', 'hours' => 'Hours of hands', 'places' => 'Booth and box',
        'price' => 'Prices of materials', 'rate' => 'Rates', 'new' => 'Not in the quote', 'left_out' => 'Quoted, not done', 'waste' => 'Waste on materials',
    ],
    'charge' => [
        'title' => 'What should I charge?',
        'range' => 'net, from :least to :most',
        'like' => '<b>:part</b> came to :net net; hands :hours, planned :planned',
        'this' => 'This one: hands :hours by its plan, likely :likely.',
        'why' => 'This plan\'s net times what parts made the same way came to against their own plans: the middle one, and from the '
            .'least to the most of the last five.',
        'why_guess' => 'This plan\'s net, give or take '.(100.0 * Charging::UNKNOWN).' %: fewer than two parts made the same way are finished, so little is known of how '
            .'plans come out here.',
    ],
    'pdf' => [
        'quote' => 'From the plan of this part: its measured faces, the coats, the papers and the hours that they take.',
        'settlement' => 'From the record of this part: what was taken, and what was done.',
        'for' => 'for :name', 'assumptions' => 'Reckoned so', 'excluded' => 'Not included', 'terms' => 'Terms',
    ],
    'settings' => 'Hours and money',
    'to_shop' => 'To the shop',
    'rates' => 'Rates',
    'paper' => 'On the paper',
    'days' => 'days',
    'fields' => [
        'currency' => 'Currency', 'digits' => 'Digits of its small unit', 'hand' => 'An hour of hands', 'booth' => 'An hour of the booth',
        'box' => 'An hour of a warm box', 'wet' => 'Gloves, cloths, cups of an hour', 'hire' => 'A day\'s hire of a tool', 'waste' => 'Waste', 'margin' => 'Margin', 'tax' => 'Tax',
        'valid' => 'A quote stands for', 'terms' => 'Terms', 'excluded' => 'What is not included', 'footer' => 'Foot of the page',
    ],
    'hints' => [
        'currency' => 'three letters', 'digits' => '2 for cents, 0 where there is none', 'hand' => '0 while you don\'t know', 'booth' => 'with its filters',
        'box' => 'with its current', 'wet' => 'of wet work', 'hire' => 'that the shop lacks', 'waste' => 'on materials', 'margin' => 'on cost', 'tax' => 'on net',
    ],
    'lacking' => [
        'title' => 'What the shop lacks for it', 'columns' => ['Lacking', 'First for', 'Borrowed or hired', 'Clear sent out'],
        'borrowed' => ':sum for a day|:sum for :count days', 'no_hire' => 'no rate for a day yet', 'not' => 'never borrowed',
        'sent' => ':net net in all, ready :at', 'sent_unpriced' => ':net net and what they ask, ready :at', 'or' => 'Or another clear: without isocyanate, or brushed. <a href=":url">They stand beside each other</a>.',
        'why' => 'Net of the whole part, its sent-out clear at the price that its brief names. Days are those on which the plan has it in hand.',
    ],
    'costs' => 'costs :sum more',
];
