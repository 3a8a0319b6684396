<?php

declare(strict_types=1);

use OakGloss\Cure\Fit;

// title: what it is called · do: what hands do · cue: what to look for before or after.
return [
    'all_over' => 'the whole part',
    'of_mend' => 'Way out, :step',
    'strip' => [
        'title' => 'Strip to a sound surface',
        'do' => 'Take off old film, adhesive and loose paint. Stop where the surface is sound.',
        'cue' => 'Nothing lifts under a scraper held flat.',
    ],
    'strip_paint' => [
        'title' => 'Take the paint off',
        'do' => 'By a stripper that this part bears, or wet paper, down to what is sound; rinsed and dry. Round every sharp rim to 1.5 mm or more.',
        'cue' => 'One colour and one sheen all over, nothing lifts under a scraper held flat.',
    ],
    'strip_lacquer' => [
        'title' => 'Take the old lacquer off',
        'do' => 'All that flakes or lifts, and its feathered edges, down to what holds. Round every sharp rim to 1.5 mm or more.',
        'cue' => 'Tape pressed on and torn off brings nothing with it.',
    ],
    'strip_vinyl' => [
        'title' => 'Pull the vinyl, take its glue off',
        'do' => 'Warm it until it stretches, pull it back flat on itself; glue off with a remover that this part bears, until water spreads on it.',
        'cue' => 'Water lies as a closed film: where it beads there is glue.',
    ],
    'strip_rust' => [
        'title' => 'Take the rust off',
        'do' => 'To bright metal, seams and pits too; what is through is welded first, by who may. Round every rim to 1.5 mm or more. Prime the same day.',
        'cue' => 'Bright all over, no brown in a pit under a loupe.',
    ],
    'wipe' => [
        'title' => 'Wipe',
        'do' => 'Two clean wipes, one direction, fresh side each pass. Let it flash off. New gloves after it: what the old ones took off goes back on.',
        'cue' => 'The cloth stays white.',
    ],
    'wash' => [
        'title' => 'Wash the blush off',
        'do' => 'Warm water and a pad over all of it, rinse, dry. Paper would drive the blush into its scratches, and what comes next '
            .'would not hold.',
        'cue' => 'Water runs off without beading or slickness.',
    ],
    'mask_faces' => [
        'title' => 'Mask what stays bare',
        'do' => 'Tape over holes, clips and bearing faces, its edge pressed down with a nail. New gloves from here on.',
        'cue' => 'Tape lies down along its whole edge.',
    ],
    'unmask_faces' => [
        'title' => 'Tape off',
        'do' => 'Pull it back on itself, low over the part, while the coat still gives. If it is hard already: cut along the edge first.',
        'cue' => 'A clean line; no resin on the bare face.',
    ],
    // Said by records of the days when one step did both.
    'wipe_mask' => [
        'title' => 'Wipe and mask',
        'do' => 'Wipe again, then mask what stays bare. New gloves from here on.',
        'cue' => 'The cloth stays white; tape lies down along its whole edge.',
    ],
    'wipe_alcohol' => [
        'title' => 'Wipe with alcohol',
        'do' => 'Two clean wipes with alcohol, one direction, fresh side each pass. No acetone or thinner: it attacks this part. '
            .'Let it flash off. New gloves after it.',
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
        'do' => 'Into the warm box, no faster up or down than '.Fit::RAMP_C_H.' Δ°C an hour. Log it when the box closes.',
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
        'do' => 'Epoxy primer by its data sheet, filler blocked flat where needed.',
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
        'do' => 'Pad or P240 on the nibs only, then trim edges, break them to 1.5 mm and dress laps. The weave lies just under.',
        'cue' => 'No nib catches a fingertip; no fibre shows.',
    ],
    'build' => [
        'title' => 'Build coat :n of :of',
        'do' => 'Brush along, both diagonals, tip off by the brush\'s own weight. Thinnest on the flanks. Then hands off.',
        'cue' => 'Touch the witness patch with a glove: a print, and nothing lifts.',
    ],
    'resin_flat' => [
        'title' => 'Flat the build',
        'do' => 'On a block, whole strokes, direction turned at each grit. Rims stay taped while faces are blocked; then they and laps are eased by hand with the last paper, no more.',
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
        'do' => 'Wet, on a block, clean water at each grit. Rims stay taped while faces are flatted; then they are eased by hand with the last paper.',
        'cue' => 'Uniformly matt; no shiny low, no pattern of the weave.',
    ],
    'drill' => [
        'title' => 'Drill :holes holes',
        'do' => 'Pilot from behind, finish from the face, grind to size. Never let a bit lift the ply.',
        'cue' => 'No white ring around a hole.',
    ],
    'clear' => [
        'title' => 'Clear, one coat|Clear, :coats coats',
        'do' => 'Spray even wet coats, flash between them by the data sheet.',
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
        'do' => 'Thin coats of colour that the clear\'s data sheet allows under it.',
        'cue' => 'Even, no wet edge at the tape.',
    ],
    'unmask' => [
        'title' => 'Unmask line :n',
        'do' => 'Pull the tape back on itself while the colour is soft.',
        'cue' => 'A clean edge, no step that a fingertip feels.',
    ],
    'tack_rag' => [
        'title' => 'Tack rag',
        'do' => 'A fresh tack rag, light as its own weight, over the colour and all round. No solvent: it takes fresh colour off.',
        'cue' => 'Nothing lies on it, and no colour on the rag.',
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
        'cue' => 'Water runs off unbroken; the cloth stays white.',
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
        'do' => 'A thin tie coat first; let it flash until it is tacky. Then even wet coats, flash between them by the data sheet.',
        'cue' => 'The tie coat closed and even before the first wet coat; no dry spray, no tear at lower edges.',
    ],
    'wipe_plate' => [
        'title' => 'Clean the plate',
        'do' => 'Scrape off what sticks with plastic, never steel, then two clean wipes. A scratch in the plate is a scratch in every flat sheet.',
        'cue' => 'The cloth stays white; a lamp shows no scratch, no speck.',
    ],
    'wax' => [
        'title' => 'Wax :n of :of',
        'do' => 'Thin, all over, the edges too. When it hazes, buff with a fresh cloth. Its data sheet has the waits.',
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
        'title' => 'Take the flat sheet off',
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
        'do' => 'Thin coats by its data sheet until nothing shows through. Only what the base resin\'s data sheet bears under it.',
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
        'do' => 'Epoxy primer by its data sheet, at once after the wipe: nothing holds on what the air makes of bare metal.',
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
        'do' => 'Cut the wrap, dress the edge wet and break it to 1.5 mm. Never lever the ply off the metal.',
        'cue' => 'No loose tow, no white line along the edge.',
    ],
    'block' => [
        'title' => 'Block the skin',
        'do' => 'On a long block, whole strokes, direction turned at each grit. Rims stay taped while faces are flatted; then they are eased by hand with the last paper.',
        'cue' => 'Stop when uniformly matt. A faint pattern of the weave means stop now.',
    ],
    'mist_again' => [
        'title' => 'Mist of adhesive on ply :n',
        'do' => 'A light mist on the ply that lies: as little as holds the next one.',
        'cue' => 'Speckled, not wet; grabs a glove lightly.',
    ],
    'mist_section' => [
        'title' => 'Mist for ply :n, section :section of :sections',
        'do' => 'Mist no more than this section: what is misted too early holds nothing when the cloth gets there. A hand\'s breadth over '
            .'the section before, so that no strip stays dry.',
        'cue' => 'Speckled, not wet; grabs a glove lightly.',
    ],
    'unroll_section' => [
        'title' => 'Unroll ply :n, section :section of :sections',
        'do' => 'Cloth off a tube as far as the mist goes, weave along the centre line, pressing as it settles. Roll the rest up again.',
        'cue' => 'No blister, no bridged hollow; weave lines true in the lamp.',
    ],
    'unroll' => [
        'title' => 'Unroll ply :n of :of',
        'do' => 'Cloth off a tube, weave along the centre line, pressing as it settles. What is pressed down stays.',
        'cue' => 'No blister, no bridged hollow; weave lines true in the lamp.',
    ],
    'trim_close' => [
        'title' => 'Trim close',
        'do' => 'Cut along the edge, a fingernail over it, with a fresh blade. Laps lie flat.',
        'cue' => 'No loose tow, nothing lifts.',
    ],
    'stipple' => [
        'title' => 'Stipple the polyester through',
        'do' => 'Small cups, catalyst by the drop for today\'s air. Stipple, never brush: both plies must go dark from below.',
        'cue' => 'Evenly dark, no grey place, no white of adhesive.',
    ],
    'knock_highs' => [
        'title' => 'Knock the highs off',
        'do' => 'Dry, on a block: crowns and nibs matt, no further. What lies low stays low for the next coat.',
        'cue' => 'Highs matt, lows shiny. A silvery weave means stop now.',
    ],
    'hard_top_wax' => [
        'title' => 'Last coat, waxed',
        'do' => 'Stir the wax in before the catalyst. One full, even coat, then hands off: the wax has to come up.',
        'cue' => 'A dull bloom as it hardens.',
    ],
    'hard_top_film' => [
        'title' => 'Last coat, under film',
        'do' => 'One full, even coat over all of it; the film must lie ready and cut.',
        'cue' => 'Wet edge kept, no dry place.',
    ],
    'film_over_top' => [
        'title' => 'Film over the wet coat',
        'do' => 'Roll it on from one edge without a bubble: where air gets at polyester it stays soft.',
        'cue' => 'No air under it, edges closed.',
    ],
    'top_wax_off' => [
        'title' => 'Wax off',
        'do' => 'Wipe the bloom off with solvent that the part bears, fresh side each pass.',
        'cue' => 'Paper dusts and does not clog.',
    ],
    'top_film_off' => [
        'title' => 'Film off',
        'do' => 'Pull the film back on itself, wipe what sweats at its rim.',
        'cue' => 'Hard under the nail to the edge.',
    ],
    'cut_bag' => [
        'title' => 'Cut cloth and bagging|Cut cloth and bagging for :plies plies',
        'do' => 'Plies, release fabric, breather and bag, each a hand larger than the one before; sealant tape round the part. '
            .'Once resin is mixed nothing is cut.',
        'cue' => 'All of it lies in its order, the pump runs.',
    ],
    'wet_ply' => [
        'title' => 'Wet ply :n of :of',
        'do' => 'Resin on, the ply into it from the middle, pressed into every hollow. Slack where it has to reach: a bag pulls '
            .'cloth nowhere.',
        'cue' => 'Weave evenly dark, no bridge over an inside corner.',
    ],
    'bag' => [
        'title' => 'Release fabric, breather, bag',
        'do' => 'Fabric without a fold on show faces, breather over all of it, a pleat of bag for each hollow. Pump on slowly '
            .'while hands press the bag in.',
        'cue' => 'Resin shows through the fabric evenly; no hiss at the tape.',
    ],
    'leak_check' => [
        'title' => 'Leak check',
        'do' => 'Clamp the hose, read the pressure, wait, read it again. A bag that leaks draws air through wet cloth: find it '
            .'by ear, press the tape, try again.',
        'cue' => 'The needle stands.',
    ],
    'peel_ply' => [
        'title' => 'Peel ply on',
        'do' => 'Peel ply into the wet last ply, rolled down without a blister, a hand\'s breadth over the edge to pull at. '
            .'A shiny face would have to be keyed ply by ply.',
        'cue' => 'Evenly dark through the fabric, no white place.',
    ],
    'tear_peel' => [
        'title' => 'Tear the peel ply off',
        'do' => 'Back on itself, low over the laminate, just before the next ply. What lies under it is clean and keyed: nothing touches it.',
        'cue' => 'Evenly dull print of the fabric; no shiny place.',
    ],
    'base_first_face' => [
        'title' => 'Base, first face',
        'do' => 'Supports smaller than the piece, movable, so that the rim hangs free. Brush thin and even, over the rim to its middle. '
            .'Set out a witness patch.',
        'cue' => 'No bare place, no puddle, in raking light.',
    ],
    'base_second_face' => [
        'title' => 'Turn it, base on the second face',
        'do' => 'It must stick no more and dent still: turn it onto the first face, supports under that. Brush thin and even, lapping the '
            .'first on the rim.',
        'cue' => 'A gloved finger leaves a print below and takes nothing away.',
    ],
    'lay_first_face' => [
        'title' => 'Cloth on the first face',
        'do' => 'One oversize ply into the wet base, weave along the centre line, from the middle outward. Wrap it to the middle of the rim '
            .'and cut it there.',
        'cue' => 'Resin comes up through the weave; nothing stands off the rim.',
    ],
    'lay_second_face' => [
        'title' => 'Cloth on the second face',
        'do' => 'Weave along the same line as the first. Over the rim, lapping the first by a finger\'s breadth, and cut there. '
            .'The lap stands proud: it is dressed before coating.',
        'cue' => 'Both weaves run true to each other at the rim.',
    ],
    'wet_out_face' => [
        'title' => 'Wet-out, face :n',
        'do' => 'Thin: work resin into the cloth, the rim last. Catch hanging drips from beneath after about half an hour.',
        'cue' => 'Weave evenly dark, no grey place, no puddle.',
    ],
    'open_up' => [
        'title' => 'Cut one opening free|Cut :openings openings free',
        'do' => 'Pilot from behind, open from the middle outward, grind to size and break the edge. At laying only relief cuts were made; '
            .'never let a bit lift the ply.',
        'cue' => 'No white ring; what sits in it sits without force.',
    ],
    'send_clear' => [
        'title' => 'Send it out to be cleared',
        'do' => 'Print the dispatch note: scratch, masked faces, resin, its cure, no bake above. Pack it face up on foam, nothing on the '
            .'face. Log it when it leaves.',
        'cue' => 'Who takes it has read the note; the masked faces are marked.',
    ],
    'back_clear' => [
        'title' => 'Back from clear',
        'do' => 'Look it over before it is paid: gloss by the meter, film by the gauge, runs, dust, dry spray, edges. Log what you find.',
        'cue' => 'As it was ordered, in raking light.',
    ],
    'send_post_cure' => [
        'title' => 'Send it out to be held warm',
        'do' => 'Print the dispatch note: how warm at most, how fast up and down, how it is supported. A thermometer goes on the part.',
        'cue' => 'Who takes it has read the note.',
    ],
    'back_post_cure' => [
        'title' => 'Back from the oven',
        'do' => 'Ask for the record of the hold. Straight-edge over it; look for print and blisters. Log what you find.',
        'cue' => 'True as it left; no blister.',
    ],
    'send_cutting' => [
        'title' => 'Send it out to be cut',
        'do' => 'Print the dispatch note with the drawing; flaws are taped off. Pack it flat.',
        'cue' => 'Who takes it has the drawing, and knows that the dust is carbon.',
    ],
    'back_cutting' => [
        'title' => 'Back from the saw',
        'do' => 'Measure one of each against the drawing; look along the edges. Log what you find.',
        'cue' => 'No white line along an edge, every part square.',
    ],
    'mask_blend' => [
        'title' => 'Mask for the clear',
        'do' => 'Tape to the next body line or edge. Where there is none: rolled tape, and the clear blended out a hand beyond the feather.',
        'cue' => 'No hard tape line in a face.',
    ],
    'dot_pinholes' => [
        'title' => 'Fill :holes pinholes',
        'do' => 'Those deeper than :um µm, each with thickened clear resin off a needle, scraped level. Shallower ones are left to the filler.',
        'cue' => 'No dark dot in raking light.',
    ],
    'dress_dots' => [
        'title' => 'Dress the dots',
        'do' => 'Wet, P320 on a small hard block, on the dots alone: the weave lies just under.',
        'cue' => 'Nothing stands proud under a fingertip; no fibre shows.',
    ],
    'free_frame' => [
        'title' => 'Free the frame',
        'do' => 'Cut the old skin off its inner frame a hand\'s breadth inside the bond, dress what is left. Stop where anything crumples, '
            .'hinges or latches: that is for a licensed trade.',
        'cue' => 'The frame is true, and the shell sits on it dry.',
    ],
    'bond_tabs' => [
        'title' => 'Bond the tabs',
        'do' => 'Gap-filling paste on tabs and shell, each pressed where it was marked, clamped until the paste holds. What it has to carry '
            .'is for whoever may judge that.',
        'cue' => 'Paste shows all along each edge.',
    ],
    'purge' => [
        'title' => 'Drained, purged, gas-free',
        'do' => 'Before any spark, heat or warm box: drained, purged and measured gas-free by somebody who is licensed for it, with a paper '
            .'that says so. A tank that only smells of nothing is not gas-free.',
        'cue' => 'The paper lies with the part, and is of today.',
    ],
    'strip_aluminium' => [
        'title' => 'Strip the panel',
        'do' => 'Off with loose paint, old film and chalky oxide. Round every rim to 1.5 mm or more.',
        'cue' => 'Bright or soundly painted all over, nothing chalks on a thumb.',
    ],
    'varnish_hung' => [
        'title' => 'Varnish coat :n of :of, both faces',
        'do' => 'Hang it by a hook in a hole, or on two points at its rim where a touch is touched up later: both faces in one go, the far one '
            .'first. Brush thin along, tip off across; catch drips at the lowest point.',
        'cue' => 'Dry to the touch, and still within its recoat window; past it, scuff with P600 first.',
    ],
    'clear_hung' => [
        'title' => 'Clear, both faces, one coat|Clear, both faces, :coats coats',
        'do' => 'Hang it by a hook in a hole, or on two points at its rim, so that it turns: even wet coats on both faces in one go, rim first, '
            .'flash between them by the data sheet.',
        'cue' => 'Wet edge kept, no dry spray, no tear at the lowest point.',
    ],
    'trim_fringe' => [
        'title' => 'Trim the fringe',
        'do' => 'Tape the line, cut outside it with extraction, dress to it wet. Break edges to 1.5 mm: a sharp one holds no film. '
            .'Openings that the cloth went over wait for the last resin.',
        'cue' => 'No loose tow, no white line; a fingertip slides over the edge.',
    ],
    'trim_flange' => [
        'title' => 'Trim flange and flash',
        'do' => 'Tape the line, saw outside it with extraction, dress to it wet. Break edges to 1.5 mm: a sharp one holds no film.',
        'cue' => 'No white line along the edge; halves meet without a gap.',
    ],
    'unbag' => [
        'title' => 'Bag and fabric off',
        'do' => 'Pump off only now. Pull fabric back on itself, low over the part: it leaves a key of its own.',
        'cue' => 'Evenly dull print of the fabric; no loose tow.',
    ],
    'smooth_panel' => [
        'title' => 'Make the panel smooth',
        'do' => 'Close chips and gaps with plasticine or tape that comes off again; nothing is done to the panel that can\'t be '
            .'undone. Its rim is where the shell will end.',
        'cue' => 'A gloved hand catches nowhere.',
    ],
    'wash_panel' => [
        'title' => 'Wash the panel',
        'do' => 'Warm water, then two clean wipes: silicone under wax is a bond.',
        'cue' => 'The cloth stays white.',
    ],
    'wax_panel' => [
        'title' => 'Wax :n of :of',
        'do' => 'Thin, all over and round the rim, a fresh cloth each time. It also closes the last pores.',
        'cue' => 'An even haze before the buff, no streak after it.',
    ],
    'film_panel' => [
        'title' => 'Release film',
        'do' => 'A thin, closed film. The first ply lies on it: not before it is dry to the touch.',
        'cue' => 'Dry to a knuckle, no bead, no dry island.',
    ],
    'cut_turned' => [
        'title' => 'Cut :plies plies, turned',
        'do' => 'Tape along each cut. Every ply is turned against the one under it, and the stack mirrors about its middle: '
            .'else it warps as it cures.',
        'cue' => 'Numbered, warp marked on each.',
    ],
    'first_ply_dry' => [
        'title' => 'First ply, dry',
        'do' => 'Laid dry on the film it can still be shifted until its lines are true; it decides how all others lie. Once it '
            .'is wet, lifting it tears the film.',
        'cue' => 'Lines true along the panel\'s centre line, no crease.',
    ],
    'first_ply_wet' => [
        'title' => 'Wet the first ply through',
        'do' => 'Stipple resin through it where it lies. Never lift it.',
        'cue' => 'Evenly dark, no grey place, film whole.',
    ],
    'ply_turned' => [
        'title' => 'Ply :n of :of, turned',
        'do' => 'Resin first, then the ply into it, turned as it was marked. Stop at the rim.',
        'cue' => 'Weave evenly dark, no bubble.',
    ],
    'outer_ply' => [
        'title' => 'Outer ply, and its resin',
        'do' => 'The ply that is seen: weave along the centre line, from the middle outward, wetted out.',
        'cue' => 'Weave evenly dark, lines true, no puddle.',
    ],
    'trim_rim' => [
        'title' => 'Trim at the rim',
        'do' => 'Scissors along the rim while it is wet: cloth past it levers the ply off and leaves a void.',
        'cue' => 'Nothing stands over the rim.',
    ],
    'rich' => [
        'title' => 'Resin-rich coat',
        'do' => 'A full coat over the tacky outer ply: it is what the key goes into.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'key_rich' => [
        'title' => 'Key the rich coat',
        'do' => 'P180 until evenly dull. The weave lies just under.',
        'cue' => 'Evenly dull; no weave pattern.',
    ],
    'flood' => [
        'title' => 'Flood coat :n of :of',
        'do' => 'A full, even coat, tipped off. Faces as level as the panel can be laid.',
        'cue' => 'Wipe is dry, or a print and nothing lifts.',
    ],
    'flat_shell' => [
        'title' => 'Flat the shell',
        'do' => 'On a block while the panel backs it; direction turned at each grit. Rims by hand with the last grit only.',
        'cue' => 'Stop when uniformly matt. A faint pattern of the weave means stop now.',
    ],
    'lift_off' => [
        'title' => 'Lift the shell off',
        'do' => 'Plastic wedges round the rim, a little at each place and round again. Cold helps, force does not.',
        'cue' => 'It lets go with a click; film comes with it.',
    ],
    'trim_shell' => [
        'title' => 'Trim the shell',
        'do' => 'Tape the line, cut outside it with extraction, dress to it wet. Break edges to 1.5 mm. Its edges stand out by its '
            .'own thickness: look at the gap to what is next to it.',
        'cue' => 'No white line along the edge; it sits on the frame.',
    ],
    'key_inside' => [
        'title' => 'Key where it is bonded',
        'do' => 'P120 inside along the bonding line, and the frame likewise.',
        'cue' => 'Evenly dull on both.',
    ],
    'bond' => [
        'title' => 'Bond it to the frame',
        'do' => 'Gap-filling paste along the line, no gap left for water. Clamp lightly over pads: a hard clamp prints through.',
        'cue' => 'A bead squeezes out all along; gaps to what is beside it even.',
    ],
    'hang' => [
        'title' => 'Unclamp and hang it',
        'do' => 'Clamps off, hung, gaps set. Fixing of outside parts follows local vehicle rules.',
        'cue' => 'It shuts without force; gaps even.',
    ],
    'pattern_sound' => [
        'title' => 'Make the pattern sound',
        'do' => 'Fill and shape; no undercut anywhere that the mould has to come off. Inside corners get a fillet.',
        'cue' => 'A straight-edge rocks nowhere; a lamp finds no hollow.',
    ],
    'surface' => [
        'title' => 'Surfacer :n of :of',
        'do' => 'Spray it on even; a mist of another colour over the last coat is the guide.',
        'cue' => 'Closed, no dry spray.',
    ],
    'pattern_flat' => [
        'title' => 'Flat the pattern by its guide',
        'do' => 'Block until the guide tint is gone, and no further. As fine as the parts\' own first paper asks for: finer is '
            .'time lost.',
        'cue' => 'Tint gone everywhere, no surfacer cut through.',
    ],
    'parting_line' => [
        'title' => 'Parting line and flange',
        'do' => 'Where cloth will meet the fewest changes of direction. Flange boards flush, waxed too, a fillet of clay in the '
            .'gap; keys for the halves to find each other.',
        'cue' => 'No light under the board; nothing locks.',
    ],
    'gel_coat' => [
        'title' => 'Gel coat',
        'do' => 'Brush it on full and even: thin places are where the mould wears. Edges twice.',
        'cue' => 'No colour of the pattern through it.',
    ],
    'coupling' => [
        'title' => 'Coupling coat',
        'do' => 'Fine cloth and resin into the tacky gel coat, stippled until no air is left: a void here is a hole in the gel later.',
        'cue' => 'Tacky gel; no white, no bubble.',
    ],
    'lift' => [
        'title' => 'Lift :n of :of: one ply|Lift :n of :of: :plies plies',
        'do' => 'So many plies as the pattern bears, no more, then let it cool. Feel it every ten minutes: hotter than a hand '
            .'bears means air on it.',
        'cue' => 'The lift before is cool and tacky.',
    ],
    'gauge' => [
        'title' => 'Straight-edge and gel coat',
        'do' => 'Straight-edge across every face; thin or holed gel is patched now, sanded flush and waxed with the rest.',
        'cue' => 'Nothing rocks; no fibre shows in raking light.',
    ],
    'mould_off' => [
        'title' => 'Take the mould off',
        'do' => 'Flange boards off, wedges in turn round the line. Never lever against the gel.',
        'cue' => 'It lets go with a click; film stays whole.',
    ],
    'warm_mould' => [
        'title' => 'Hold the mould warm: :hours h at :c °C',
        'do' => 'On its pattern still, no faster up or down than '.Fit::RAMP_C_H.' Δ°C an hour: what cures warm keeps its shape warm. Log it '
            .'when the box closes.',
        'cue' => 'A thermometer on the mould, not the dial.',
    ],
    'mould_ply' => [
        'title' => 'Ply :n of :of into the mould',
        'do' => 'Resin first, then the ply, the seen one against the mould. Pressed into every corner: what bridges is a void.',
        'cue' => 'Weave evenly dark, no bubble against the mould.',
    ],
    'stack' => [
        'title' => 'Lay the plies dry',
        'do' => 'Every ply into its corner, the seen one first, no fold. Flow mesh over all but the last hand\'s breadth before '
            .'the outlet.',
        'cue' => 'Lines true; cloth lies in every corner without a pull.',
    ],
    'bag_infusion' => [
        'title' => 'Mesh, feed and outlet, bag',
        'do' => 'Release fabric, mesh, feed along one side and outlet along the other, two clamps a line. Pump on slowly while '
            .'hands press cloth into corners.',
        'cue' => 'No hiss at the tape; clamps shut tight.',
    ],
    'infuse' => [
        'title' => 'Infuse',
        'do' => 'All of it stands weighed first: a pot that runs dry lets air in, and the part is scrap. Feed under the resin before its clamp is '
            .'opened. Front across the part, then feed clamped; outlet stays open until it gels. Vacuum held through cure.',
        'cue' => 'The front runs even; no foam in the outlet.',
    ],
    'warm_part' => [
        'title' => 'Hold it warm in the mould: :hours h at :c °C',
        'do' => 'Vacuum on, no faster up or down than '.Fit::RAMP_C_H.' Δ°C an hour. Log it when the box closes.',
        'cue' => 'A thermometer on the part, not the dial.',
    ],
    'unbag_part' => [
        'title' => 'Bag, mesh and fabric off',
        'do' => 'Pump off only now. Pull it back on itself, away from the edge.',
        'cue' => 'Hard under the nail; no dry place in the back.',
    ],
    'part_off' => [
        'title' => 'Demould',
        'do' => 'Wedges round the rim, then lift. Never lever at one place.',
        'cue' => 'It lets go with a click.',
    ],
    'key_halves' => [
        'title' => 'Key the seam inside',
        'do' => 'P180 a hand\'s breadth along both halves.',
        'cue' => 'Evenly dull.',
    ],
    'join' => [
        'title' => 'Join the halves inside',
        'do' => 'Back in the closed mould or taped on pads: two tapes of cloth along the seam inside, paste in the gap.',
        'cue' => 'No step that a fingertip feels outside.',
    ],
    'dress_seam' => [
        'title' => 'Dress the seam',
        'do' => 'Down to the faces and no further, by hand.',
        'cue' => 'No step, no fibre.',
    ],
    'wipe_release' => [
        'title' => 'Release agent off',
        'do' => 'Solvent wipe that the resin stands, one direction, fresh side each pass: agent under clear is a fisheye.',
        'cue' => 'Water runs off unbroken.',
    ],
    'key_hand' => [
        'title' => 'P320 by hand',
        'do' => 'Wet, by hand, evenly dull and no more: the weave lies just under a thin face.',
        'cue' => 'Evenly dull, no silvery weave.',
    ],
    'wipe_white' => [
        'title' => 'Wipe until the cloth stays white',
        'do' => 'Fresh lint-free white cloth, new gloves. A coloured fibre under clear stays.',
        'cue' => 'The cloth stays white.',
    ],
    'filler_heavy' => [
        'title' => 'Filler clear, one heavy coat|Filler clear, :coats heavy coats',
        'do' => 'Wet on wet, short flashes. A milky wet film is air that clears.',
        'cue' => 'Closed; no dry spray.',
    ],
    'pinholes' => [
        'title' => 'Look for pinholes',
        'do' => 'Lamp along it: press each with a gloved finger while it is soft, or spot it.',
        'cue' => 'No hole left in raking light.',
    ],
    'mask_wide' => [
        'title' => 'Mask wide',
        'do' => 'Far around the place, two hands: the mask moves out as the feather grows, so that no ridge stands at its edge.',
        'cue' => 'Tape lies down along its whole edge.',
    ],
    'mask_out' => [
        'title' => 'Move the mask out',
        'do' => 'Tape off while the coat still gives, a new line a finger\'s breadth further out. The next coat runs out past the old one.',
        'cue' => 'No ridge under a fingertip.',
    ],
    'feather' => [
        'title' => 'Feather around the chip',
        'do' => 'Around exposed fibre, never on it: fibre once cut is a mark for good.',
        'cue' => 'A slope without an edge; no fibre touched.',
    ],
    'feather_crack' => [
        'title' => 'Feather along the crack',
        'do' => 'Open it no wider than resin runs into; around fibre, never on it.',
        'cue' => 'A slope without an edge along all of it; nothing moves.',
    ],
    'feather_fill' => [
        'title' => 'Feather the fill',
        'do' => 'Down to the face around it and no further.',
        'cue' => 'No step.',
    ],
    'cut_out' => [
        'title' => 'Cut out what is unsound',
        'do' => 'Back to where a tap rings clear, corners round. Nothing that carries is repaired here.',
        'cue' => 'A clear ring all round.',
    ],
    'key_back' => [
        'title' => 'Key the back',
        'do' => 'P180 behind, three times as far as the hole.',
        'cue' => 'Evenly dull.',
    ],
    'splice' => [
        'title' => 'Splice a backing ply',
        'do' => 'From behind, with generous overlap, into resin.',
        'cue' => 'Evenly dark, no air at the edge of the hole.',
    ],
    'fill_flush' => [
        'title' => 'Fill flush with short-fibre resin',
        'do' => 'Chopped fibre in resin up to the face, a hair over it.',
        'cue' => 'No hollow; stands a hair proud.',
    ],
    'proud' => [
        'title' => 'Coat :n of :of, until it stands proud',
        'do' => 'Small cups. Into the place and just over its edge, levelled with the brush.',
        'cue' => 'A touch leaves a print and takes nothing away.',
    ],
    'block_proud' => [
        'title' => 'Block it down to the face',
        'do' => 'A hard block, wet, wider than the place. Stop when the block touches around it.',
        'cue' => 'Matt across place and face alike.',
    ],
    'highs_down' => [
        'title' => 'Highs down, both faces',
        'do' => 'Dry, on a block: crowns matt and no further, cloth never cut. Rims by hand.',
        'cue' => 'Crowns matt, valleys shiny.',
    ],
    'open_blisters' => [
        'title' => 'Open the blisters',
        'do' => 'Slit each, work resin under with a needle or cut it out: air that is left lifts the film later.',
        'cue' => 'A tap sounds the same everywhere.',
    ],
    'dot_fill' => [
        'title' => 'Dot-fill pits deeper than :um µm',
        'do' => 'So much film is still to come on each face: a shallower pit is left to it, a deeper one gets a dot of '
            .'thickened resin, a hair proud.',
        'cue' => 'A fingernail drops into none that was filled.',
    ],
    'first_face' => [
        'title' => 'Round :n: first face',
        'do' => 'On supports smaller than the piece, moved once so that no drip joins them. Rims too. Catch hanging drips from '
            .'beneath after half an hour.',
        'cue' => 'Evenly scuffed; no dust.',
    ],
    'second_face' => [
        'title' => 'Round :n: turn it over, second face',
        'do' => 'When the first sticks no more and a nail still dents it: turned onto clean supports, coated, rims again. Drips '
            .'at the rim are wiped up from beneath.',
        'cue' => 'A glove comes away clean; a nail leaves a dent at the rim.',
    ],
    'wash_blush_pad' => [
        'title' => 'Wash the blush off',
        'do' => 'Warm water and a pad, both faces and the rim, rinse, dry. Only then paper.',
        'cue' => 'Water runs off without slickness.',
    ],
    'flat_faces' => [
        'title' => 'Flat both faces, lows left',
        'do' => 'Dry, on a block, no further than the highs\' foot. What is low is for the next round.',
        'cue' => 'Highs matt, lows dark.',
    ],
    'flat_both' => [
        'title' => 'Wet-flat both faces',
        'do' => 'Wet, on a block, clean water at each grit. Rims by hand with the last grit only.',
        'cue' => 'Uniformly matt; no texture under a fingertip.',
    ],
    'scuff' => [
        'title' => 'Wet-flat between',
        'do' => 'Wet P600, light hand, until evenly dull.',
        'cue' => 'Evenly dull; no bare place.',
    ],
    'by_machine' => 'By machine on faces over 0.05 m² and gentler than 30°: firm pad flat on the face, its own weight, always moving; rims, hollows '
        .'and steep faces by hand, as follows.',
    'block_down' => [
        'title' => 'Block the highs',
        'do' => 'Highs down, whole strokes, and stop at the first hint of fibre. Then finer until the scratch is no haze under resin.',
        'cue' => 'Highs matt. A hint of weave pattern means stop now.',
    ],
    'machine_down' => [
        'title' => 'Machine under its own weight',
        'do' => 'Whole strokes, no hand on it but to guide. Stop at the first hint of fibre, there and everywhere. Then finer '
            .'until its scratch is no haze under resin.',
        'cue' => 'Highs matt. A hint of weave pattern means stop now.',
    ],
    'wipe_edges' => [
        'title' => 'Wipe, edges too',
        'do' => 'Two clean wipes, round every edge and underneath it: what hangs there runs back.',
        'cue' => 'The cloth stays white.',
    ],
    'flash_off' => [
        'title' => 'Let it flash off',
        'do' => 'Nothing is poured on what still smells of the wipe. Level the panel meanwhile, drips\' edge free.',
        'cue' => 'Cold to no finger; no smell.',
    ],
    'pour' => [
        'title' => 'Pour :n of :of',
        'do' => 'A line along the middle, spread to the edges, levelled with the brush by its own weight. Tip off what hangs.',
        'cue' => 'Panel level; room warm and clean.',
    ],
    'warm' => [
        'title' => 'Warm it lightly',
        'do' => 'Hot air moving, a hand\'s breadth and a half off, until bubbles break. Then away: what still runs only costs '
            .'sanding.',
        'cue' => 'Bubbles gone, film still.',
    ],
    'inspect' => [
        'title' => 'Last look',
        'do' => 'Raking light, alcohol wipe, edges and holes. Then it may go.',
        'cue' => 'Haze that vanishes wet is scratch: back one grit.',
    ],

    'mend_wet' => [
        'title' => 'Work it in on :zone',
        'do' => 'Pick out what lies in the film, brush over it along and across, tip off. Then hands off.',
        'cue' => 'The film closes over it within a minute.',
    ],
    'mend_hot_air' => [
        'title' => 'Warm air over :zone',
        'do' => 'Hot air a hand above, moving, until the bubbles rise and break. No warmer than part and film bear.',
        'cue' => 'The film clears behind the air; no new bubbles follow.',
    ],
    'mend_shift' => [
        'title' => 'Shift the cloth on :zone',
        'do' => 'Lift the cloth at the nearest edge, draw it straight along the line, press it down from the middle.',
        'cue' => 'The weave runs along the line again; nothing bridges.',
    ],
    'mend_lift' => [
        'title' => 'Lift the cloth off',
        'do' => 'Two people at its corners, straight up, slowly, flat onto a clean board: no corner may touch the base.',
        'cue' => 'The weave is not drawn and no tow is left behind.',
    ],
    'mend_pull' => [
        'title' => 'Cut a new piece, pull the old one',
        'do' => 'First cut the new piece to size and lay it ready. Then pull the old one off low along the face, bit by bit; pick out every tow.',
        'cue' => 'A clean, even face below; where it tore, a touch of fresh resin.',
    ],
    'mend_strip' => [
        'title' => 'Strip the wet cloth',
        'do' => 'Peel it off low along the face while it is wet, into a bin outside; scrape off what stays. Gloves, and no sleeve in it.',
        'cue' => 'No tow and no pool is left.',
    ],
    'mend_wash_base' => [
        'title' => 'Wash the base',
        'do' => 'With what part and base bear, by the resin\'s data sheet, until nothing is sticky. Rags go outside, spread out.',
        'cue' => 'A dry cloth slides over it.',
    ],
    'mend_relay' => [
        'title' => 'Lay it again',
        'do' => 'As soon as the base takes a print and gives no resin back: centre line first, then outwards. Longer than that it does not hold.',
        'cue' => 'The weave runs along its line on all faces.',
    ],
    'mend_mist' => [
        'title' => 'A fresh mist',
        'do' => 'Thin and even, from the distance on its data sheet, on the part alone.',
        'cue' => 'A back of a finger sticks and comes off clean.',
    ],
    'mend_relay_mist' => [
        'title' => 'Lay it again',
        'do' => 'Centre line first, then outwards, without drawing it.',
        'cue' => 'The weave runs along its line on all faces.',
    ],
    'mend_new_piece' => [
        'title' => 'Lay the new piece',
        'do' => 'Centre line first, then outwards, while the resin below is tacky. Longer than that it does not hold.',
        'cue' => 'The weave runs along its line on all faces.',
    ],
    'mend_scrape' => [
        'title' => 'Scrape the soft coat off',
        'do' => 'A blunt plastic scraper, flat, down to what is hard and no further. What comes off goes outside on mineral ground.',
        'cue' => 'A nail leaves no dent in what stays.',
    ],
    'mend_strip_soft' => [
        'title' => 'Strip it: loose cloth and soft resin',
        'do' => 'Peel off the cloth, scrape and wash off what is soft, by the resin\'s data sheet, down to the part. Then the job begins again.',
        'cue' => 'The part as it was, clean and dry.',
    ],
    'mend_strip_hard' => [
        'title' => 'Strip it: the skin off the part',
        'do' => 'Warm it no further than the part bears, lift an edge, peel it off low; what stays is sanded off, outside or under extraction. '
            .'Then the job begins again.',
        'cue' => 'No resin is left that rings or shines; the part is sound.',
    ],
    'mend_clean_form' => [
        'title' => 'Take it off the form, clean that',
        'do' => 'What was made is given up. Form clean and whole, old wax off by its data sheet. Then the job begins again.',
        'cue' => 'The form shines evenly, no edge is chipped.',
    ],
    'mend_wash_off' => [
        'title' => 'Wash off the wrong coat',
        'do' => 'Scrape off what comes, then wipe with what the part and the layer below bear until nothing is sticky.',
        'cue' => 'The cloth stays clean and the face does not turn dull.',
    ],
    'mend_wash' => [
        'title' => 'Wash :zone with warm water and a pad',
        'do' => 'Warm water and a pad until it is no longer slick; rinse, dry with a clean cloth.',
        'cue' => 'Water runs off evenly and nothing feels waxy.',
    ],
    'mend_wipe' => [
        'title' => 'Two clean wipes on :zone',
        'do' => 'Two clean wipes, one direction, fresh side each pass, new gloves. Let it flash off.',
        'cue' => 'The cloth stays white.',
    ],
    'mend_flat' => [
        'title' => 'Sand down :zone',
        'do' => 'The tool\'s own weight, whole strokes across the face, until what was found is gone.',
        'cue' => 'Uniformly matt, and no trace of it in raking light. Weave showing: stop.',
    ],
    'mend_relevel' => [
        'title' => 'Flat the fresh resin on :zone',
        'do' => 'Wet, on a block, until the fresh resin is one plane with what is around it.',
        'cue' => 'Uniformly matt, no step at the rim.',
    ],
    'mend_clear_peel' => [
        'title' => 'Flat the clear on :zone',
        'do' => 'Wet, on a soft block, until no dimple is left. Edges by hand.',
        'cue' => 'Uniformly matt.',
    ],
    'mend_clear_key' => [
        'title' => 'Flat and key the clear on :zone',
        'do' => 'Wet, until it is dull all over, edges too: the fresh clear holds on it.',
        'cue' => 'No shiny place is left.',
    ],
    'mend_key' => [
        'title' => 'Key the place on :zone',
        'do' => 'P240 by hand, a finger\'s breadth beyond it, its edge feathered. Not into the weave.',
        'cue' => 'Matt all round; no fibre bare.',
    ],
    'mend_level' => [
        'title' => 'Level the place on :zone',
        'do' => 'Small hard block, wet, down to the face around it and no further; then the finer paper.',
        'cue' => 'A fingertip feels no step.',
    ],
    'mend_sand' => [
        'title' => 'Sand the place on :zone',
        'do' => 'By hand, a finger\'s breadth beyond it.',
        'cue' => 'Matt all round.',
    ],
    'mend_coat' => [
        'title' => 'Resin coat on :zone',
        'do' => 'Brush it on along and across, a little proud on a place of its own; tip off.',
        'cue' => 'A closed film in raking light.',
    ],
    'mend_cut' => [
        'title' => 'Cut it out on :zone',
        'do' => 'A sharp blade along tows, back to where the cloth is bonded, edges feathered. What is under it stays.',
        'cue' => 'No hollow sound at the edge.',
    ],
    'mend_let_in' => [
        'title' => 'Let matching weave in on :zone',
        'do' => 'From the front: a piece of the same cloth, warp and weave line true to what is around it, wetted out, pressed in and butted '
            .'tow to tow. Quote it as sound and seen.',
        'cue' => 'Lines run on across the joint.',
    ],
    'mend_inject' => [
        'title' => 'Resin under the cloth on :zone',
        'do' => 'Draw resin under it through the slit, press out the air from the far end, weigh it down on release film.',
        'cue' => 'No hollow sound, resin at the slit.',
    ],
    'mend_open' => [
        'title' => 'Slit it on :zone',
        'do' => 'A sharp blade along one tow, no longer than it has to be, away from the hand.',
        'cue' => 'It lies down under a finger.',
    ],
    'mend_tint' => [
        'title' => 'Tint the bare place on :zone',
        'do' => 'On a show face: a touch of black in a drop of mixed resin, on the silvery crowns alone, with a fine brush. Elsewhere none.',
        'cue' => 'Seen from an arm\'s length the weave is dark again.',
    ],
    'mend_out' => [
        'title' => 'Out of the warm',
        'do' => 'Let it cool slowly to the room, then feel and look.',
        'cue' => 'A nail leaves no dent.',
    ],
    'mend_ready' => [
        'title' => 'Look at the fresh clear on :zone',
        'do' => 'Once it may be handled: even sheen, no dust, no edge of the mask.',
        'cue' => 'The same sheen all over.',
    ],
    'mend_spray' => [
        'title' => 'Clear on :zone, one coat|Clear on :zone, :coats coats',
        'do' => 'Mask along a body line, spray by the data sheet, blend over the whole face.',
        'cue' => 'Wet and even; a milky film clears.',
    ],
];
