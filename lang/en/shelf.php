<?php

declare(strict_types=1);

return [
    'broken' => 'Nothing can be reckoned from this data sheet: put it right below.',
    'volumes_typed' => '100 : :typed are the parts by volume; with these densities it is 100 : :right by weight.',
    'if_by_volume' => '<b>By weight?</b> Were 100 : :typed parts by volume, it would be 100 : :right by weight. <span>Look at the label again: this is the '
        .'most frequent wrong cup.</span>',
    'by_weight' => '100 : :hardener by weight',
    'by_volume' => ':resin : :hardener by volume',
    'resin' => ':ratio · recoat window :opens to :closes at :c °C',
    'uv_stable' => ' · UV stable',
    'cloth' => ':weight g/m² · :width mm roll',
    'clear' => ':sheen · :dry µm dry a coat',
    'isocyanate' => ' · isocyanate',
    'consumable' => ':n at hand, :what',
    'consumable_low' => ':n at hand, :what: buy',
    'added' => ':name is on the shelf.',
    'changed' => ':name is changed. Parts already begun keep the data sheet they were begun with.',
    'meanwhile' => ':who changed it from :was to :is while this was open. Save again to put yours in its place.',
    'meanwhile_all' => ':who kept this data sheet anew while it was open. Save again to put yours in its place.',
    'nothing' => 'nothing',

    'made_up' => 'Made-up examples; set your own data sheets in their place.',
    'short' => [
        'title' => 'My own, off the label',
        'all' => 'All figures',
        'chemistry' => 'What it is',
        'forms' => ['epoxy' => 'Epoxy', 'polyester' => 'Polyester', 'clear' => 'Clear', 'cloth' => 'Cloth'],
        'groups' => [
            'epoxy' => [
                'What the tin says' => ['name', 'opacity', 'uv_stable'],
                'How it is mixed' => [
                    'ratio_kind', 'hardener_phr', 'volume_resin', 'volume_hardener', 'density_resin_g_cm3', 'density_hardener_g_cm3',
                ],
                'How long a cup lasts' => ['pot_life_min', 'pot_mass_g', 'pot_c'],
                'When the next coat, the paper, the customer' => [
                    'reference_c', 'tack_from_age_min', 'tack_until_age_min', 'sandable_age_min', 'full_age_min',
                ],
            ],
            'polyester' => [
                'What the tin says' => ['name', 'opacity', 'uv_stable', 'waxed'],
                'How long it is workable' => ['pot_life_min', 'pot_c'],
                'How much catalyst, at which temperature' => ['catalyst_rows', 'catalyst_drops_g'],
            ],
            'clear' => [
                'What the tin says' => ['name', 'kind', 'sheen', 'sheet_gu', 'isocyanate', 'needs_release_film'],
                'How it is mixed' => ['hardener_parts', 'reducer_parts', 'pot_life_min', 'can_ml'],
                'When the next coat, and when it is flat' => ['flash_min', 'recoat_until_min', 'ready_after_min', 'volume_solids'],
            ],
            'cloth' => ['What the roll says' => ['name', 'weave', 'fibre', 'areal_g_m2', 'width_mm']],
        ],
        'help' => [
            'epoxy' => [
                'How it is mixed' => 'As the label has it, never guessed. By volume without densities it is measured in a graduated cup, and no grams are '
                    .'shown until both jars were weighed.',
                'When the next coat, the paper, the customer' => 'All at one temperature. 6 h and 7 d are read as they are.',
            ],
            'polyester' => ['How much catalyst, at which temperature' => 'Each row as the label has it; one is enough for air near it. Never guessed.'],
        ],
        'catalyst_c' => 'In air of (:n)',
        'waxed' => 'With wax: its face closes',
        'name_hint' => 'resin and hardener as the tins have it',
        'do' => 'Put it on the shelf',
        'assumed' => 'What the label does not say is assumed by its kind, marked as such, and listed for you to ask your supplier.',
    ],
    'confirmed' => ':name stands as its maker\'s data sheet has it.',
    'unproven' => [
        'made_up' => 'Made up:', 'made_up_so' => 'No maker wrote these figures: confirm or replace them before you cut by them.',
        'assumed' => 'Assumed:', 'assumed_so' => 'Some figures stand on no label; times are doubted more until touches say otherwise.',
        'shop' => ['hours_air' => 'hours and air of the week', 'hours' => 'hours of the week', 'air' => 'air of the week'],
        'shop_so' => 'They are what every new shop begins with.',
        'quoted' => 'Reckoned with made-up data sheets: :names.',
        'mark' => 'assumed',
        'ask' => 'What to ask your supplier',
        'ask_how' => 'Assumed by its kind, until somebody types it or a check of yours says otherwise.',
        'is_so' => 'All of it is as the maker\'s data sheet has it',
        'made_up_sheet' => '<b>Made-up example.</b> Replace its figures by those of your own data sheet, or say that they are right.',
        'by_cup' => '<b>By volume, without densities.</b> It is measured in a graduated cup, and no grams are shown. Weigh 100 ml of each, and they are.',
        'weigh' => '100 ml of the :jar weigh',
        'weighed' => 'From now on it is weighed.',
    ],
    'section' => ['of' => 'Sections of the data sheet', 'stock' => 'Deliveries', 'rows' => 'Name and rows', 'name' => 'Name'],
    'kinds' => 'Kinds of material', 'some_missing' => ', some missing',
    'seek' => 'Find on the shelf', 'seek_hint' => 'name, grit, weight', 'not_found' => 'Nothing on the shelf says “:q”.',
    'open' => 'Data sheet and deliveries',
    'add' => 'Add :kind',
    'new' => 'New :kind',
    'back' => 'Back to the shelf',
    'kept_as_new' => 'A change is kept as a new data sheet: parts already begun stay with the one they were begun with.',
    'unreadable' => 'This data sheet can\'t be reckoned with. Open it and type it anew.',
    'life' => 'now, at :c: recoat window :opens to :closes, sandable :sandable',
    'life_drawing' => 'At :c: recoat window :opens to :closes, sandable after :sandable',
    'sheet' => [
        'title' => 'Rows of the data sheet: time to tack',
        'why' => 'Two or more temperatures let the app fit how warmth hastens this resin.',
        'one' => '<b>One temperature is known.</b> How warmth hastens it is assumed: ten degrees off the data sheet\'s own a window may '
            .'open a sixth sooner or later than shown. <span>A second row of the data sheet, or a tack check on a cold and a warm day, settles it.</span>',
        'guide' => 'Which figures of a data sheet go where',
        'figures' => [
            'Tack, or set to touch' => 'Its minutes at each temperature are the rows here: two temperatures give the slope, a third shows whether it holds.',
            'Recoat, or overcoat, window' => '“Recoat from” and “Recoat until” below, at the reference temperature. Where only the end stands, tacky is the time to tack.',
            'Sandable, and full cure' => 'As they stand: 16 h and 7 d are read.',
            'Pot life' => 'With the grams and the temperature it was measured with: 150 g at 25 °C says something else than 100 g at 20.',
            'Mixing ratio' => 'By weight or by volume as it is stated; both densities, so that each follows from the other.',
            'Viscosity' => 'Of the mix: 0.9, 900 mPa s and 900 cP are the same.',
            'Glass transition, or heat deflection' => '“Tg, fully cured”, of the fully cured resin.',
        ],
        'row' => 'Row :n',
        'until' => 'until tack',
    ],
    'curve' => [
        'title' => 'Time against temperature',
        'drawing' => 'Time until each event against temperature; the table below tells the same',
        'now' => 'air now',
        'at' => 'at',
        'given' => 'Dots: the data sheet\'s own rows (time to tack). Activation :activation, given.',
        'fitted' => 'Dots: the data sheet\'s own rows (time to tack). Activation :activation, fitted through the rows.',
        'assumed' => 'Dots: the data sheet\'s own rows (time to tack). Activation :activation, assumed, since fewer than two temperatures are '
            .'known.',
    ],
    'pace' => [
        'title' => 'This shop\'s own pace',
        'none' => 'No check yet. Every tack check and paper check at the bench tells a little; '
            .'the data sheet\'s ages stand until then, with a doubt of 12 %.',
        'is' => '<b>:against</b>, give or take :give %, from :checks. One coat\'s window is known to :coat %; the data sheet alone leaves 12 %.',
        'as_sheet' => 'As its data sheet says',
        'slower' => ':percent % slower than its data sheet',
        'faster' => ':percent % faster than its data sheet',
        'checks' => 'one check|:count checks',
        'of' => 'the pace',
        'why' => 'Each check only says between which events a coat was. The factor on all ages of this resin is the mean of what fits '
            .'them, on a log scale, '
            .'beginning with no more than 15 % trust against the data sheet (assumed); one coat scatters by 8 % (assumed).',
        'drawing' => 'Checks against expected events',
        'drawing_what' => 'Thermal age at the data sheet\'s reference temperature from left to right. The list below tells the same.',
        'by_sheet' => 'by the data sheet',
        'key' => '▾ by the data sheet · lines and bands by this shop · × left out',
        'newest' => 'the newest :n of :of checks',
        'all' => ':n checks',
        'check' => ':at · :said at an age of :age',
        'far_off' => '<b>Far off</b> Under :share of coats would be so at that age. Is the ratio, the mix or the probe wrong? '
            .'<span>It is not averaged in until you say.</span>',
        'left_out' => 'left out: :reason',
        'counts' => 'It counts',
        'because' => 'Leave it out because',
        'leave_out' => 'Leave out',
    ],

    'catalyst' => [
        'title' => 'Catalyst of a polyester',
        'why' => 'By temperature, as its data sheet has it: straight between the rows, and nothing is mixed outside them. Empty for an epoxy. '
            .'Count the drops of one millilitre of your own dropper.',
        'percent' => 'share of the resin',
        'density' => 'Its density',
        'drops' => 'Drops of a millilitre',
        'drops_missing' => 'How many drops a millilitre, or a gram, has is needed: by them the catalyst is counted.',
        'drops_g' => 'or drops to a gram',
        'drops_g_hint' => 'count with the dropper until the scale shows 1.0 g',
    ],
    'aids' => [
        'wax' => 'release wax', 'release_film' => 'release film', 'primer' => 'primer for metal or wood', 'body_filler' => 'body filler',
        'adhesive' => 'spray adhesive', 'paint' => 'black paint or primer', 'surfacer' => 'pattern surfacer', 'bond_paste' => 'bonding paste',
    ],
    'rolls' => [
        'tape' => 'masking tape', 'seal_tape' => 'sealing cord for bags', 'peel_ply' => 'peel ply', 'breather' => 'breather', 'mesh' => 'flow mesh',
        'bag_film' => 'film for bags and covers',
    ],
    'aid_line' => ':what · :coats · ready after :ready',
    'aid_coats' => 'one coat|:count coats',
];
