<?php

declare(strict_types=1);

return [
    'title' => 'Sand :part',
    'finer' => 'Or begin with P:grit, below: so thin a cover forbids the coarser paper.',
    'one_more' => 'Film and one more coat',
    'from_to' => 'P:from to P:to, :driven',
    'done' => 'done :at',
    'now' => ':span · now',
    'then' => ':span · :at',
    'buy' => '<b>The shelf has a gap for :driven.</b> Buy :papers, or drive it another way.',
    'scroll' => 'Ladder; scroll sideways',
    'columns' => ['Grit', 'Cuts', 'Leaves', 'Time'],
    'pieces' => ['discs' => 'Discs', 'sheets' => 'Half sheets of paper'],
    'state' => '<span class="visually-hidden">State</span>',
    'of' => 'of :n',
    'sanded' => 'sanded',

    'log' => 'Log a pass',
    'zone' => 'Zone',
    'all_faces' => 'all faces, edges by hand',
    'paper' => 'Paper',
    'how' => 'How',
    'minutes' => 'Minutes',
    'ends' => ['matt' => 'Uniformly matt', 'lows' => 'Still shiny lows', 'weave' => 'Weave shows', 'open' => 'Laid away, not looked'],
    'at_each' => 'At each grit',
    'remind_wet' => 'At each grit: clean water, wipe, guide coat, turn the direction.',
    'remind_dry' => 'At each grit: dust off by extraction or a damp wipe, wipe, guide coat, turn the direction.',
    'changes' => ['water' => 'Water changed', 'paper' => 'Fresh paper', 'wipe' => 'Wiped', 'guide' => 'Guide coat on'],
    'changed' => 'Changed: :what.',

    'ladder' => 'this ladder',
    'ladder_why' => 'The cheapest chain over the papers on the shelf that can be driven so, in which no step jumps more than 2.2 times '
        .'in grain (shortest path). '
        .'The first paper takes the texture and 10 µm of waviness (assumed); each later one 1.25 times the scratch before it. '
        .'Time is area times cut over the paper\'s removal speed (Preston; at P120 0.5 wet, 0.6 dry, 2.0 orbital, m²·µm/min, assumed), '
        .'plus 2 min a change. '
        .'Paper: a half sheet of P120 takes 4 m²·µm wet, 2.5 dry, a disc 6, finer ones less, as the root of their grain (assumed). '
        .'A machine goes over faces of 0.05 m² and more that are gentler than 30°, the rest is blocked with the same papers; its cut is known '
        .'half as well as a block\'s, so its doubt is larger (ours).',

    'drawing' => 'What each grit takes and what stays over the weave, µm to scale, per zone',
    'by_hand' => 'by hand',
    'key' => 'From the right: what each grit takes. Solid: what stays over the weave\'s crowns. Dashed: what must stay. '
        .'Thin line: one deviation of doubt.',
    'key_now' => 'Triangle: where the zone is now.',
    'budget' => 'Budget of the zones; scroll sideways',
    'budget_columns' => ['zone' => 'Zone', 'cover' => 'Over crowns', 'after' => 'after P:grit'],
    'budget_ends' => ['Stays', 'Must stay', 'Burns through', 'Seen'],
    'any' => ':any any',
    'cuts_form' => 'This ladder cuts the surfacer, :cut, until its guide tint is gone.',
    'cuts_clear' => 'This ladder cuts the clear, not the resin over the weave: :cut',
    'cuts_clear_of' => 'This ladder cuts the clear, not the resin over the weave: :cut of :dry dry film from :coats coats',

    'scratches' => 'Scratch of each paper, to scale: :depths; :over hides :um µm',
    'scratch_key' => 'Scratches, depth and width to one scale. Dashed: the deepest that :over hides, :um µm.',
    'scratch_key_coarse' => 'Scratches, depth and width to one scale. Dashed: the deepest that :over hides, :um µm; '
        .'the last paper is too coarse.',

    'other_ways' => 'Other ways to drive it',
    'way' => ':driven, from P:grit',
    'way_short' => ':driven from P:grit',
    'drives' => ['wet_block' => 'wet, on a block', 'dry_block' => 'dry, on a block', 'orbital' => 'orbital sander'],
    'no_machine' => 'The shop has no sander, or this part no face that one lies flat on.',
    'way_columns' => ['Driven', 'Time', 'Papers', 'Hands and papers', 'Stays on the thinnest face', 'Risk there'],
    'worn' => ['discs' => 'one disc|:count discs', 'sheets' => 'one half sheet|:count half sheets', 'by_hand' => 'one half sheet by hand|:count half sheets by hand'],
    'taken' => 'taken',
    'take' => 'Take',

    // What is answered to a form.
    'settled' => 'What was sanded has settled how this flatting goes.',
    'no_wait' => 'There is nothing to wait for.',
    'no_flatting' => 'The plan has no such flatting.',
    'no_paper' => 'P:grit is no paper of the P series.',
    'is_taken' => 'Taken: :driven, from P:grit.',
    'waits' => ':step waits until :at.',
    'kept' => 'Kept.',
];
