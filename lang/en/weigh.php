<?php

declare(strict_types=1);

use App\Bench\Cup;
use OakGloss\Cure\CupHeat;
use OakGloss\Mixing\Cups;

// A cup on the scale.
return [
    'far_over' => ':grams :jar is :times times its mark of :mark. If that is a slip, type it again.',
    'more_than_jar' => ':grams :jar is more than the shelf has of it: :left. If that is a slip, type it again.',
    'sure_pour' => 'It is so: :grams :jar went in',
    'off' => ['none' => 'none at all', 'little' => ':off too little', 'much' => ':off too much', 'times' => ':n times, all that'],
    'no_mix' => 'This cup is no mix: hardener is :off. :comes Bin it, or put it right.',
    'comes' => [
        'never' => 'It never cures.', 'soft' => 'It stays soft, and what goes over it seals that in.',
        'brittle' => 'It stays soft and gets brittle.', 'hot' => 'It goes off hot, cracks and gets brittle.',
    ],
    'use_anyway' => 'It went on all the same',
    'no_brush' => ':grams is more than a brush lays: the coat is planned with :planned. Log what went on, or bin the rest.',
    'laid_anyway' => 'All :grams went on',
    'near' => '<b>Hardener is :off off.</b> <span>It cures, a little weaker. Put it right where there is time.</span>',
    'near_use' => 'Coat is on, as it is',
    'is_off' => '<b>This is no mix: hardener is :off.</b> <span>:comes</span>',
    'pour_back' => '<b>:over too much for this coat.</b> <span>Pour it back before any hardener goes in: as much hardener as it asks for would make a cup that '
        .'nobody can spread.</span>',
    'outside' => '<b>Do not fill it up.</b> <span>As much of the other part would make a cup that runs hot or gels under the brush. Take it outside, onto mineral '
        .'ground, away from what burns; no closed bin. The product\'s data sheet and local rules come first.</span>',
    'not_more' => 'What is left can\'t be more than what went in.',
    'pour_it_back' => 'Pour back what is too much', 'left_in_cup' => 'Left in the cup', 'poured_back' => 'Poured back',
    'back_reason' => 'poured back', 'bin_it' => 'Take it outside, and begin a fresh cup', 'far_too_much' => 'far too much in it',
    'shared_no_more' => 'That part can\'t share this cup any more: it is coated, or made of another jar.',
    'shared' => '<b>One cup for both:</b> with :with. <span>Each part gets its share of what is weighed. Typed, the scale is not followed here.</span>',
    'share' => 'One cup with :part: <span class="num">:grams</span> in all',
    'shared_on' => 'Coat is on :part too',
    'pump' => 'By pump: <b>:resin</b> strokes of resin (:resin_g each), <b>:hardener</b> of hardener (:hardener_g each); the ratio is :off off',
    'pump_off' => '<b class="is-stop">Not by pump:</b> :resin strokes and :hardener would be :off off the ratio. Weigh this one.',
    'strokes' => 'or strokes of :jar',
    'pumped' => 'Pumped',
    'better_binned' => '<span>That is more than a fresh cup of :fresh: bin it.</span>',
    'volumes_weighed' => '<b>The ratio of volumes was weighed.</b> On a scale it is 100 : :wanted. <span>Put it right before it is mixed, or bin it.</span>',
    'pigment_over' => '<b>:over pigment too much for its data sheet:</b> it stays soft. <span>:resin resin and :hardener hardener bring it right, or bin it.</span>',
    'swap' => 'The jars were swapped: :resin resin, :hardener hardener',
    'jars_swapped' => 'the two jars were swapped',
    'swapped' => 'Kept the other way round.',
    'bin' => 'Bin it', 'bin_because' => 'Bin it because',
    'title' => 'Weigh',
    'in' => 'in :span',
    'closes' => 'goes into a window that closes :at',
    'opens_closes' => 'goes into a window that opens :from and closes :at',
    'closed_mixed' => '<b>The window closed :at with this cup mixed.</b> Spread it only where the witness patch still prints. '
        .'<span>Else let it go: keyed, a fresh cup holds.</span>',
    'closed_now' => '<b>The window has closed.</b> No hardener now: key first, or take another way. '
        .'<span><a href=":url">Look again</a></span>',
    'late' => 'The window has closed',
    'late_key' => '<b>No hardener now.</b> The coat below is past bonding since :closed. '
        .'<span>Key it with P180 until evenly dull and wipe; then this coat goes on as on a fresh surface.</span>',
    'late_wait' => '<b>No hardener now.</b> The coat below is past bonding since :closed. <span>It is too soft to sand until :key. '
        .'Then key and coat.</span>',
    'other_ways' => 'Other ways, on the bench',
    'keeps' => 'In the cup: :grams. Resin alone keeps.',

    'filter' => [
        'vapour' => 'Vapour cartridges have :used of their :of h: fresh ones are in, or these smell of nothing and go on by their data sheet',
        'dust' => 'Dust filters have :used of their :of h: fresh ones are in, or these breathe freely and go on by their data sheet',
    ],
    'lacks' => ':what will run short before the last coat, and what is begun can\'t wait for it. Begin all the same',
    'before' => 'Before hardener goes in. The cup\'s clock can\'t be stopped.',
    'never_spread' => '<b>Mind</b> No number of cups can be spread before it gels in this air. '
        .'<span>A second pair of hands, a slower hardener or a cooler hour; the plan says which.</span>',
    'air_dew' => ':c, dew point :dew',
    'by_probe' => 'by the probe, :ago ago',
    'by_hand' => 'typed, :ago ago',
    'by_curve' => 'by the day curve alone: feel it',
    'new_since' => 'Tools, gloves and masking stood ready today. New since then:',
    'ready' => 'Ready, weigh <span class="num">:grams</span>',
    'all_ready' => 'All ready, weigh <span class="num">:grams</span>',

    'in_cup' => 'in the cup',
    'grams_of' => ':grams <small>of :of</small>',
    'cups' => '<b>Mind</b> Mix and spread it in :n cups of :grams, one after the other. '
        .'<span>One cup would gel under the brush, or holds more than the data sheet\'s :most.</span>',
    'heat' => [
        'calm' => '',
        'dangerous' => '<b>Left standing this cup runs away:</b> pour it into a flat tray or more cups;',
        'hot' => '<b>Left standing this cup gets hot:</b>',
        'wants_bench' => '<b>Not on wood or foam:</b> there it would reach :peak °C; on the bench',
        'gels' => 'it gels after :span and peaks at :peak °C',
        'never_gels' => 'it does not gel within 20 hours and peaks at :peak °C',
        'of' => 'the heat of the cup',
        'why' => 'Cure that feeds on itself (Kamal and Sourour) and a heat balance of a cup '.CupHeat::SHEET_CUP_MM.' mm across on a bench: top and wall to the air, '
            .'bottom to the bench, '
            .'half the depth conducts. Fitted to the data sheet\'s pot life of :span for :grams at :c. '
            .'420 J/g, 1.9 J/gK, 12 and 20 W/m²K are planning values. '
            .'On wood or foam it would reach :peak °C.',
    ],
    'blend' => '<b>Hardener is two:</b> :parts.',
    'blend_part' => ':grams of :what',
    'ratio' => 'ratio 100 : :wanted by weight',
    'ratio_in_cup' => 'ratio 100 : :wanted by volume, in a graduated cup: read at eye level, on a level bench',
    'poured_ml_of' => ':jar poured, by the marks',
    'ratio_is' => 'ratio 100 : :is, wanted 100 : :wanted · <b class=":class">:off</b>',

    'scale' => [
        'title' => 'on the scale: :jar',
        'of' => 'g of <b>:grams</b>',
        'keep' => 'Save',
        'take' => 'Save :grams g',
        'from_here' => 'Count from here',
        'stand_in' => 'Pour on the stand-in scale',
        'not_at_rest' => 'The scale was not at rest on this jar. Wait until it is, or type what it shows.',
        'what' => 'when a weight counts',
        'says' => [
            'lost' => 'The scale is silent. Type what its display shows.',
            'overloaded' => 'The scale shows no weight: too much on it, or too little. Nothing is kept.',
            'jumped' => 'It leapt: bumped, or something was put on it. Let it rest.',
            'begin' => 'Put the cup on, then count from here.',
            'settling' => 'Let it rest: from there it counts.',
            'negative' => 'Less than where it began. Put the cup back; or, where it was tared, count from here.',
            'doubted' => 'It shows :grams g, but it leapt or was silent meanwhile. Is that what was poured? Save it, or count from here.',
            'over' => 'Over the mark by :more g. Let it rest and keep it: the next mark moves with it.',
            'right' => 'On the mark.',
            'stop' => 'Stop.',
            'slow' => 'Slowly now.',
            'pour' => 'Pour.',
        ],
        'why' => 'At rest is what stays within one and a half of the scale\'s steps (at least 0.05 g) for a second, over three readings or '
            .'more, and what the scale itself does not call moving. Slow is from :grams on, the last tenth of the mark, at least 2 g. '
            .'On the mark and at rest it is kept by itself, with the moment when it came to rest; over :over, or after a leap of more '
            .'than 25 g or a silence of two seconds, only by your press.',
    ],

    'overpoured' => '<b>Too much hardener.</b> Add :grams resin, then the ratio is right again. <span>The cup will hold :total.</span>',
    'ran_over' => '<b>Resin ran over by :grams.</b> The hardener\'s mark has moved with it.',
    'as_shown' => 'All as shown: <span class="num">:jars</span>',
    'n_drops' => ':n drops', 'scale_shows' => 'scale shows, with :jar in',
    'jar' => ':grams :jar', 'jar_to' => ':jar to :grams',
    'pour_to' => 'pour :jar to', 'adds' => 'adds :grams',
    'tared' => ['tared' => 'Tared between jars', 'through' => 'Not tared: the scale shows all that is in the cup'],
    'tare_other' => ['tared' => 'I do not tare', 'through' => 'I tare between jars'],
    'less_than_in' => 'Not tared, the scale shows all that is in the cup: at least :grams.',
    'poured_of' => ':jar poured',
    'poured' => 'Poured',
    'add_drops_short' => ':drops drops catalyst',
    'drops_of' => 'Drops counted',
    'drops' => '<b>:drops drops</b> of catalyst for :c, :percent % of the resin; its data sheet has :least to :most %.',
    'drops_each' => 'Of :n cups each gets :drops.',
    'grams_only' => 'This hardener is weighed: type grams.',
    'type' => 'Type what the scale shows. Each pour is kept; a wrong one is struck out in the record.',

    'mix' => 'Mix two minutes, scrape, decant',
    'mix_how' => 'Past the point where streaks vanish, sides and bottom, then into a clean cup.',
    'use_by' => 'use by',
    'sheet' => 'data sheet',
    'sheet_pot' => ':span for :grams at :c',
    'this_cup' => 'this cup',
    'this_pot' => ':grams in air of :c: it gels :span after the first hardener, by the cup\'s heat',

    'nothing_mixed' => 'That step is done or mixes nothing.',
    'already_on' => 'That coat is already on.',
    'check_first' => 'The ready check stands before the mix.',
    'no_hardener' => 'The window has closed: no hardener before the key.',
    'too_much' => 'No cup holds that much. Type the grams of this jar alone.',

    'curve' => [
        'title' => 'Warmth of this cup', 'gels' => 'gels',
        'text' => 'Temperature of one cup against minutes from the hardener, at this air, on this bench; dashed in a shallow tray. The table tells the same.',
        'key' => 'Line: this cup. Dashed: the same in a shallow tray. Upright: it gels; red: now.',
        'columns' => ['Mixed', 'Cups', 'Each', 'Mixed and spread in', 'Gels after', 'Left standing, peaks at', 'Hands cost'],
        'ways' => ['cup' => 'in cups, one pair of hands', 'tray' => 'in shallow trays', 'hands' => 'in cups, two pairs of hands'],
        'none' => 'can\'t be spread in time',
        'why' => 'A batch cures, heats itself and cures the faster; wall and top lose to the air, the bottom to the bench. '
            .'A cup is '.CupHeat::SHEET_CUP_MM.' mm across, a tray '.Cup::TRAY_MM.' mm. '
            .'Fewest cups that are mixed and spread within '.Cups::SHARE_OF_POT_LIFE.' of their own pot life.',
    ],
];
