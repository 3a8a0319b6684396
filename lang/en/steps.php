<?php

declare(strict_types=1);

// title: what it is called · do: what hands do · cue: what to look for before or after.
return [
    'strip' => [
        'title' => 'Strip to a sound surface',
        'do' => 'Take off old film, adhesive and loose paint. Stop where the surface is sound.',
        'cue' => 'Nothing lifts under a scraper held flat.',
    ],
    'wipe' => [
        'title' => 'Wipe',
        'do' => 'Two clean wipes, one direction, fresh side each pass. Let it flash off.',
        'cue' => 'The cloth stays white.',
    ],
    'wipe_mask' => [
        'title' => 'Wipe and mask',
        'do' => 'Wipe again, then mask what stays bare. New gloves from here on.',
        'cue' => 'The cloth stays white; tape lies down along its whole edge.',
    ],
    'wipe_alcohol' => [
        'title' => 'Wipe with alcohol',
        'do' => 'Two clean wipes with alcohol, one direction, fresh side each pass. No acetone or thinner: it attacks this part. '
            .'Let it flash off.',
        'cue' => 'The cloth stays white and the surface does not turn dull or sticky.',
    ],
    'wipe_mask_alcohol' => [
        'title' => 'Wipe with alcohol and mask',
        'do' => 'Wipe again with alcohol, no acetone or thinner, then mask what stays bare. New gloves from here on.',
        'cue' => 'The cloth stays white; tape lies down along its whole edge.',
    ],
    'seal' => [
        'title' => 'Seal coat',
        'do' => 'Thin resin into the wood, evenly, end grain twice, while the part cools rather than warms. '
            .'What it drinks within ten minutes is given again.',
        'cue' => 'No dry place and no bubble; raking light shows a closed film.',
    ],
    'key_base' => [
        'title' => 'Key the base',
        'do' => 'The base no longer holds dry cloth. P180 until evenly dull, then wipe.',
        'cue' => 'Evenly dull, no shine left in raking light. While a nail still dents it, gentle warmth may win the window back: touch '
            .'again.',
    ],
    'tack' => [
        'title' => 'Tack coat',
        'do' => 'Brush a fresh thin coat, only where cloth will lie. The cloth goes into its window. Set out a new witness patch.',
        'cue' => 'Thin and closed, no puddle.',
    ],
    'spot' => [
        'title' => 'Second pass',
        'do' => 'One coat over the thinnest zones alone. Feather its edge out with a dry brush.',
        'cue' => 'Touch the witness patch with a glove: a print, and nothing lifts.',
    ],
    'turn' => [
        'title' => 'Turn it over',
        'do' => 'Half of the flow is over. Turn the part upside down on its supports, so that what ran down runs back.',
        'cue' => 'The film moves slowly, nothing drips.',
    ],
    'post_cure' => [
        'title' => 'Post-cure: :hours h at :c °C',
        'do' => 'Into the warm box, no faster up or down than 10 °C an hour. Log it when the box closes.',
        'cue' => 'A thermometer on the part, not the dial, shows the hold.',
    ],
    'wash_blush' => [
        'title' => 'Wash, cured through',
        'do' => 'Warm water and a pad over all of it, rinse, dry. Polyester does not harden on a young epoxy or on its blush.',
        'cue' => 'Water runs off without beading or slickness.',
    ],
    'key' => [
        'title' => 'Key',
        'do' => 'Scratch all of the surface evenly, inside corners too.',
        'cue' => 'Evenly dull, no shine left in raking light.',
    ],
    'key_score' => [
        'title' => 'Key and score',
        'do' => 'Scratch all of the surface evenly, then score edges and undersides crosswise.',
        'cue' => 'Evenly dull, no shine left in raking light.',
    ],
    'prime' => [
        'title' => 'Prime the bare metal',
        'do' => 'Epoxy or etch primer by its sheet, filler blocked flat where needed.',
        'cue' => 'Closed, even film; no metal shows.',
    ],
    'base' => [
        'title' => 'Base coat',
        'do' => 'Brush thin and even, only where cloth will lie. Set out a witness patch.',
        'cue' => 'No bare place, no puddle, in raking light.',
    ],
    'lay' => [
        'title' => 'Lay the cloth',
        'do' => 'One oversize ply from the middle outward, weave along the centre line. Bridge no hollow; '
            .'relief cuts where nobody looks. Trim to the wrap and hold it under with tape.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'wet_out' => [
        'title' => 'Wet-out',
        'do' => 'Thin: work resin into the cloth, steep faces last. Do not flood.',
        'cue' => 'Weave evenly dark, no grey place, no puddle.',
    ],
    'insurance' => [
        'title' => 'Second coat at tack',
        'do' => 'Brush a build coat over the tacky wet-out, thinnest on the flanks.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'nibs' => [
        'title' => 'Nibs off, trim, dress laps',
        'do' => 'Pad or P240 on the nibs only, then trim edges and dress laps. The weave lies just under.',
        'cue' => 'No nib catches a fingertip; no fibre shows.',
    ],
    'build' => [
        'title' => 'Build coat :n of :of',
        'do' => 'Brush along, both diagonals, tip off by the brush\'s own weight. Thinnest on the flanks. Then hands off.',
        'cue' => 'Touch the witness patch with a glove: a print, and nothing lifts.',
    ],
    'resin_flat' => [
        'title' => 'Flat the build',
        'do' => 'On a block, whole strokes, direction turned at each grit. Edges and laps by hand with the last grit only.',
        'cue' => 'Stop when uniformly matt. A faint pattern of the weave means stop now.',
    ],
    'finish' => [
        'title' => 'Finish coat',
        'do' => 'One thin, even coat. Tip off and leave it.',
        'cue' => 'Wipe is dry and the surface evenly matt.',
    ],
    'finish_of' => [
        'title' => 'Finish coat :n of :of',
        'do' => 'One thin, even coat. Tip off and leave it.',
        'cue' => 'Evenly matt, or a print and nothing lifts.',
    ],
    'last_flat' => [
        'title' => 'Wet-flat',
        'do' => 'Wet, on a block, clean water at each grit. Edges by hand with the last grit only.',
        'cue' => 'Uniformly matt; no shiny low, no pattern of the weave.',
    ],
    'drill' => [
        'title' => 'Drill :holes holes',
        'do' => 'Pilot from behind, finish from the face, grind to size. Never let a bit lift the ply.',
        'cue' => 'No white ring around a hole.',
    ],
    'clear' => [
        'title' => 'Clear, one coat|Clear, :coats coats',
        'do' => 'Spray even wet coats, flash between them by the sheet.',
        'cue' => 'Wet edge kept, no dry spray, no tear at lower edges.',
    ],
    'varnish' => [
        'title' => 'Varnish coat :n of :of',
        'do' => 'Brush thin along the part, tip off across. Strain the varnish; no dust in the room.',
        'cue' => 'Dry to the touch, and still within its recoat window; past it, scuff with P600 first.',
    ],
    'filler_clear' => [
        'title' => 'Filler clear, one coat|Filler clear, :coats coats',
        'do' => 'Heavy wet-on-wet coats, short flashes. A milky wet film is entrapped air and clears; press or spot pinholes.',
        'cue' => 'Closed and even, no pinhole left in raking light.',
    ],
    'film_over' => [
        'title' => 'Release film over the filler',
        'do' => 'Roll the film on without a bubble: where air gets at polyester it stays soft.',
        'cue' => 'No air under the film, edges closed.',
    ],
    'film_off' => [
        'title' => 'Film off and wash',
        'do' => 'Pull the film, wash with warm water and a pad.',
        'cue' => 'Hard under the nail, nothing greasy left.',
    ],
    'filler_wash' => [
        'title' => 'Wash the filler',
        'do' => 'Wipe the tacky top off.',
        'cue' => 'Hard under the nail, nothing greasy left.',
    ],
    'filler_flat' => [
        'title' => 'Block the filler flat',
        'do' => 'Wet, on a block, whole strokes. Tape along body lines and sand up from each side.',
        'cue' => 'Uniformly matt; stop before the resin shows through.',
    ],
    'mask_line' => [
        'title' => 'Mask line :n',
        'do' => 'Fine-line tape along the body line, burnished down.',
        'cue' => 'The edge lies down along its whole length.',
    ],
    'stripe' => [
        'title' => 'Stripe :n',
        'do' => 'Thin coats of colour that the clear\'s sheet allows under it.',
        'cue' => 'Even, no wet edge at the tape.',
    ],
    'unmask' => [
        'title' => 'Unmask line :n',
        'do' => 'Pull the tape back on itself while the colour is soft.',
        'cue' => 'A clean edge, no step that a fingertip feels.',
    ],
    'clear_flat' => [
        'title' => 'Flat the clear',
        'do' => 'Wet, soft block, light hand. Keep off edges.',
        'cue' => 'Uniformly matt, peel gone.',
    ],
    'polish' => [
        'title' => 'Cut and polish',
        'do' => 'Cut compound, then finish compound. Low speed, keep moving, edges taped.',
        'cue' => 'No haze in the reflected lamp.',
    ],
    'wash_film' => [
        'title' => 'Wash the skin',
        'do' => 'Warm water and a pad, dry, then two clean wipes: wax and polish lie on an old surface.',
        'cue' => 'Water runs off in a sheet; the cloth stays white.',
    ],
    'block_ridges' => [
        'title' => 'Block the ridges, no further',
        'do' => 'Dry, on a hard block, whole strokes. Stop when the ridges are matt: what the lows lie in is all that is known to be there. '
            .'Scuff the lows with a pad.',
        'cue' => 'Ridges matt, lows dark. A faint pattern of the weave means stop now.',
    ],
    'wipe_lows' => [
        'title' => 'Dust out of the lows',
        'do' => 'Extract, then two clean wipes, right into the lows: dust that stays there shows white under resin.',
        'cue' => 'The cloth stays white; no low holds dust in raking light.',
    ],
    'round_coat' => [
        'title' => 'Round :n, first coat',
        'do' => 'Brush along, both diagonals, tip off. The lows drink it: look again after ten minutes.',
        'cue' => 'Wipe is dry, ridges and lows evenly scuffed.',
    ],
    'round_second' => [
        'title' => 'Round :n, second coat at tack',
        'do' => 'Brush a second coat over the tacky first.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'block_flat' => [
        'title' => 'Block until no low is left',
        'do' => 'Dry, on a hard block. What stays dark is low: log it so, and the plan gives it another round. Never dig for it.',
        'cue' => 'Uniformly matt. A faint pattern of the weave means stop now.',
    ],
    'clear_tied' => [
        'title' => 'Tie coat, then one wet coat of clear|Tie coat, then :coats wet coats of clear',
        'do' => 'A thin tie coat first; let it flash until it is tacky. Then even wet coats, flash between them by the sheet.',
        'cue' => 'The tie coat closed and even before the first wet coat; no dry spray, no tear at lower edges.',
    ],
    'wipe_plate' => [
        'title' => 'Clean the plate',
        'do' => 'Scrape off what sticks with plastic, never steel, then two clean wipes. A scratch in the plate is a scratch in every sheet.',
        'cue' => 'The cloth stays white; a lamp shows no scratch, no speck.',
    ],
    'wax' => [
        'title' => 'Wax :n of :of',
        'do' => 'Thin, all over, the edges too. When it hazes, buff with a fresh cloth. Its sheet has the waits.',
        'cue' => 'An even haze before the buff, no streak after it.',
    ],
    'release_film' => [
        'title' => 'Release film',
        'do' => 'Spray or sponge a thin, closed film. No coat goes on until it is dry to the touch.',
        'cue' => 'Dry to a knuckle, no bead, no dry island.',
    ],
    'cut_plies' => [
        'title' => 'Cut one ply|Cut :plies plies',
        'do' => 'Tape along the cut, then cut along the middle of the tape: no edge frays. Mark the warp and number them.',
        'cue' => 'All plies lie on each other; warp marks point one way.',
    ],
    'ply' => [
        'title' => 'Ply :n of :of',
        'do' => 'Resin first, then the ply into it from the middle. Squeegee towards the rim: no dry place, no puddle.',
        'cue' => 'Weave evenly dark, no grey place, no bubble in raking light.',
    ],
    'cover' => [
        'title' => 'Second plate and weights',
        'do' => 'Lower the waxed and filmed second plate from one edge, so that air runs out before it. Weights evenly, none at the rim alone.',
        'cue' => 'An even line of resin shows all round; the plates do not slide.',
    ],
    'demould' => [
        'title' => 'Take the sheet off',
        'do' => 'Plastic wedges round the rim, then lift. Never lever at one place.',
        'cue' => 'It lets go with a click; film comes with it.',
    ],
    'wash_release' => [
        'title' => 'Wash the film off',
        'do' => 'Lukewarm water and a sponge, dry, then one clean wipe.',
        'cue' => 'Nothing slick under a finger.',
    ],
    'look' => [
        'title' => 'Look for flaws',
        'do' => 'Both faces in raking light. Log each void, hair and wrinkle where it lies: parts are nested around them.',
        'cue' => 'Measured from the marked corner, along the warp and across it.',
    ],
    'cut_parts' => [
        'title' => 'Cut the parts out',
        'do' => 'Tape the line, saw outside it, dress the edge wet. Cut as the drawing has it, flaws outside. '
            .'Offcuts go back to the shelf with size and warp.',
        'cue' => 'No white line along an edge, every part square.',
    ],
    'inspect_sheet' => [
        'title' => 'Last look',
        'do' => 'Every part: faces, edges, thickness at three places.',
        'cue' => 'Thickness as it was planned, edges sealed where they will be seen.',
    ],
    'paint_black' => [
        'title' => 'Black paint or primer',
        'do' => 'Thin coats by its sheet until nothing shows through. Only what the base resin\'s sheet bears under it.',
        'cue' => 'Evenly black, no light place at an edge.',
    ],
    'lay_second' => [
        'title' => 'Lay the second ply',
        'do' => 'Into the tacky resin of the first, weave turned as it was drawn. Press from the middle outward.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'inner_wet_out' => [
        'title' => 'Wet out the first ply',
        'do' => 'Thin: enough that the first ply is dark. The second ply lies in its tack.',
        'cue' => 'Weave evenly dark, no puddle.',
    ],
    'adhesive' => [
        'title' => 'Mist of adhesive',
        'do' => 'A light mist on the part, from a hand\'s breadth and a half. Too much bars the resin: it should feel like a sticky note.',
        'cue' => 'Speckled, not wet; grabs a glove lightly.',
    ],
    'lay_adhesive' => [
        'title' => 'Lay the cloth on the adhesive',
        'do' => 'Unroll from a tube, weave along the centre line, pressing as it settles. What is pressed down stays.',
        'cue' => 'No blister, no bridged hollow.',
    ],
    'lay_wet' => [
        'title' => 'Lay the cloth into the wet resin',
        'do' => 'From the middle outward, then stipple until resin comes up through every tow. It can\'t be shifted any more.',
        'cue' => 'Weave evenly dark from below, no grey place.',
    ],
    'strip_metal' => [
        'title' => 'Strip to sound metal',
        'do' => 'Off with rust, loose paint and old film. Round every rim to 1.5 mm or more.',
        'cue' => 'Bright or soundly painted all over, no rust in a seam.',
    ],
    'prime_metal' => [
        'title' => 'Prime the metal',
        'do' => 'Epoxy or etch primer by its sheet, at once after the wipe: bare metal rusts and nothing holds on it.',
        'cue' => 'Closed, even film; no metal shows.',
    ],
    'body_fill' => [
        'title' => 'Fill what is not true',
        'do' => 'Body filler on the keyed primer, thin, in one direction. A true panel needs none: skip it.',
        'cue' => 'A straight-edge rocks nowhere.',
    ],
    'block_filler' => [
        'title' => 'Block filler and primer',
        'do' => 'P180 on a long block until filler and primer are one plane, evenly dull. Metal that shows is primed again.',
        'cue' => 'Evenly dull; the flat hand feels no edge of the filler; no metal.',
    ],
    'veil' => [
        'title' => 'Veil on the cloth\'s back',
        'do' => 'Tack a thin veil to the back of the cloth, then cut the piece through both.',
        'cue' => 'The cut edge keeps its tows when it is lifted.',
    ],
    'lay_metal' => [
        'title' => 'Lay the cloth, then stop',
        'do' => 'One thin ply, weave along the panel\'s centre line. Squeegee lightly from the middle, then hands off. '
            .'No resin now: piled on, it gets under the cloth and lifts it.',
        'cue' => 'A touch leaves a print and takes nothing away. No blister, no bridge.',
    ],
    'wet_out_set' => [
        'title' => 'Wet-out on the set base',
        'do' => 'The base has set: cloth can\'t float any more. Work resin in thin, no puddle.',
        'cue' => 'A nail does not dent the base at the rim; weave evenly dark, no grey place.',
    ],
    'trim' => [
        'title' => 'Trim the edge',
        'do' => 'Cut the wrap and openings, dress the edge. Never lever the ply off the metal.',
        'cue' => 'No loose tow, no white line along the edge.',
    ],
    'block' => [
        'title' => 'Block the skin',
        'do' => 'On a long block, whole strokes, direction turned at each grit. Edges by hand with the last grit only.',
        'cue' => 'Stop when uniformly matt. A faint pattern of the weave means stop now.',
    ],
    'inspect' => [
        'title' => 'Last look',
        'do' => 'Raking light, alcohol wipe, edges and holes. Then it may go.',
        'cue' => 'Haze that vanishes wet is scratch: back one grit.',
    ],
];
