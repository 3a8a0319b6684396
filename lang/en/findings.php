<?php

declare(strict_types=1);

use OakGloss\Cure\Fit;

// what: what was noticed · tip: the way out.
return [
    'slot' => [
        'missing' => [
            'what' => 'This way of working needs a :slot, and none is named.',
            'tip' => 'Pick one from the shelf, or take another way of working.',
        ],
    ],
    'laminate' => [
        'peel_ply' => [
            'what' => ':plies plies take :hands_span of hands, and a day here has :session_span: the lay-up ends on peel ply :waits× and goes on the next day.',
            'tip' => 'In one go: two pairs of hands lay it in :two_span, one pair a laminate of :area m². Never go on over a shiny face.',
        ],
        'softens_resin' => [
            'what' => 'It softens at :tg °C and will see :service °C; this resin can\'t be cured to bear that.',
            'tip' => 'A resin that softens later, by its data sheet: nothing that stands by itself may lose its shape.',
        ],
        'softens_substrate' => [
            'what' => 'It softens at :tg °C and will see :service °C; the hold of :hold °C that would help is more than what it '
                .'lies on bears.',
            'tip' => 'A resin that needs no hold, or a pattern that bears it.',
        ],
        'softens_oven' => [
            'what' => 'It softens at :tg °C and will see :service °C. A hold at :hold °C would help, and nothing in this shop is '
                .'warmer than :hottest °C.',
            'tip' => 'Have it held in an oven, and set up an oven in the shop\'s numbers; or a resin that softens later.',
        ],
        'held' => [
            'what' => 'Cured at the shop\'s air it softens at :tg °C, and it will see :service °C: it is held at :hold °C before '
                .'it comes off.',
            'tip' => 'No faster up or down than '.Fit::RAMP_C_H.' Δ°C an hour, a thermometer on the laminate.',
        ],
        'mould_softens' => [
            'what' => 'The part is held at :hold °C in its mould, and :resin softens at :tg °C even then.',
            'tip' => 'A gel coat and a mould resin that soften later, or a resin of the part that needs no such hold.',
        ],
        'one_lift' => [
            'what' => 'The mould goes on in one lift: its :plies plies are wet through before the first of them gels, and get :peak °C where '
                .':limit are borne.',
            'tip' => 'Feel it every ten minutes; a warmer room heats it more.',
        ],
        'lifts_hands' => [
            'what' => 'The mould goes on in :lifts lifts, :plies plies at most: so many are wet through before the first of them gels. A lift gets '
                .':peak °C where :limit are borne; all :all at once would get :at_once.',
            'tip' => 'A slower hardener or a second pair of hands brings more into one lift.',
        ],
        'lifts' => [
            'what' => 'The mould goes on in :lifts lifts, :plies plies at most: laid at once, :all plies get :at_once °C, and '
                .'pattern and mould bear :limit °C. A lift gets :peak °C.',
            'tip' => 'Let each lift cool before the next; feel it every ten minutes.',
        ],
        'too_thick' => [
            'what' => ':plies plies laid at once get :peak °C, and what they lie on bears :limit °C.',
            'tip' => 'At most :most plies at once, a slower hardener, or a cooler hour.',
        ],
        'infusion' => [
            'what' => 'Over :way mm the resin takes :mesh min under flow mesh and :bare min without; the pot has :pot min.',
            'tip' => 'Mesh over all but the last hand\'s breadth. The stack\'s own data sheet comes first: such figures differ by a '
                .'hundred.',
        ],
        'infusion_fills' => [
            'what' => 'Of :all g mixed :part g come to lie in the part: :mesh g fill the mesh, :lines g the lines, and :pot g stay in the pot.',
            'tip' => 'One shot: a pot that runs dry lets air in, and the part is scrap. All of it stands weighed before the clamp is opened.',
        ],
        'infusion_gels' => [
            'what' => 'Over :way mm the resin takes :mesh min even under flow mesh, and the pot has :pot min: it gels on its way.',
            'tip' => 'Feed in the middle and draw at both sides, a slower hardener, or lay it up by hand.',
        ],
    ],
    'seen' => [
        'gel_coat' => [
            'what' => ':resin is a gel coat, the face of a mould by its data sheet: no weave is seen through it.',
            'tip' => 'Take a resin for skins.',
        ],
        'opaque' => ['what' => ':resin cures filled or opaque: no weave is seen through it.', 'tip' => 'Take a clear one, or a tinted one if a tint is wanted.'],
        'tinted' => [
            'what' => ':resin is tinted: the weave is seen through its colour, deeper with each coat.',
            'tip' => 'If that is what is wanted, say so to the customer, and lay a sample of as many coats first.',
        ],
        'glass' => ['what' => ':cloth is glass, and lies where the weave is seen.', 'tip' => 'Take a carbon cloth for the ply that is seen; glass lies under it.'],
    ],
    'openings' => [
        'relief' => [
            'what' => 'The cloth goes over :n openings of about :mm mm: only relief cuts at laying, cut free after the last resin.',
            'tip' => 'Cut from their middle outward and leave a thumb\'s breadth: what is cut to size while it is soft frays and lifts.',
        ],
    ],
    'sand' => [
        'by_machine' => [
            'what' => ':coat takes :block_span on a block, and :machine_span with your sander; burnt through :risk then.',
            'tip' => 'They stand side by side in its sand room, with papers and money. Rims, hollows and steep faces stay with the hand.',
        ],
    ],
    'tools' => [
        'isocyanate' => [
            'what' => ':coat holds isocyanate, and the shop lacks: :tools. No cartridge holds it back, and nobody borrows a licence.',
            'tip' => 'Send the clear out, with its days and price; or take one without isocyanate. Local rules come first.',
        ],
        'to_spray' => [
            'what' => ':coat is sprayed, and the shop lacks: :tools.',
            'tip' => 'Borrow or hire it for those days, send the clear out, or brush a varnish: their prices stand beside each other under Money.',
        ],
        'spray_gun' => ['what' => ':coat wants a :tools that the shop lacks.', 'tip' => 'Borrow or hire one for that day; its price stands under Money.'],
        'respirator' => [
            'what' => ':coat gives off vapour or mist, and the shop lacks a :tools.',
            'tip' => 'Have one that fits, with cartridges by the product\'s data sheet, before that day: it is no tool to share.',
        ],
        'vacuum_pump' => [
            'what' => ':coat wants a :tools that the shop lacks.',
            'tip' => 'Hire one that holds through cure, for the price under Money; or take a way without a bag.',
        ],
        'clamps' => ['what' => ':coat wants :tools that the shop lacks.', 'tip' => 'Borrow them; or weights where the part lies flat.'],
        'sander' => ['what' => ':coat is planned by machine, and the shop lacks a :tools.', 'tip' => 'Take the block in its sand room, or borrow one for that day.'],
        'dryer' => [
            'what' => ':coat goes easier warm, and the shop lacks a :tools.',
            'tip' => 'Borrow one; or warm part and cloth in the box before, and cut for relief where it will not follow.',
        ],
        'warm_box' => [
            'what' => ':coat wants a :tools that the shop lacks.',
            'tip' => 'Borrow one for its days, send the hold out, or leave it: a lamp shows weave after the first hot day then.',
        ],
        'oven' => [
            'what' => ':coat is warmer than a box makes, and the shop lacks an :tools.',
            'tip' => 'Send the hold out, with its days and price; it is no hold if it is done cooler.',
        ],
        'second_hands' => [
            'what' => ':coat lays a piece larger than one pair of hands holds, and the shop has one.',
            'tip' => 'Have somebody there for that half hour; or lay it in joints where nobody looks.',
        ],
    ],
    'sent' => [
        'nothing' => ['what' => 'Nothing of this way of working can be sent out like that.', 'tip' => 'Choose what it has: a clear, a warm hold, or cutting.'],
        'clear' => [
            'what' => 'The clear is sent out: it leaves in a P:scratch scratch and is away for :days days.',
            'tip' => 'To be said: :resin, cured at the shop\'s warmth, no bake above :bake °C, what stays masked. The dispatch note has it.',
        ],
        'post_cure' => [
            'what' => 'The warm hold is sent out: away for :days days.',
            'tip' => 'To be said: :resin, how fast up and down, no warmer than the hold. The dispatch note has it.',
        ],
        'cutting' => [
            'what' => 'The cutting is sent out: away for :days days.',
            'tip' => 'To be said: carbon dust shorts electronics; wet or with extraction. The dispatch note has the sizes.',
        ],
    ],
    'repair' => [
        'worth' => [
            'what' => 'The repair takes :hands_span of hands, stripping and a whole new skin at least :new_span: it is worth it.',
            'tip' => 'Say to the customer that it is sound, and where it may be seen.',
        ],
        'not_worth' => [
            'what' => 'The repair takes :hands_span of hands, stripping and a whole new skin at least :new_span: it is hardly worth it.',
            'tip' => 'Skin it anew, unless the place lies where nobody looks.',
        ],
        'through' => [
            'what' => 'The laminate is through: it will be sound again, and seen.',
            'tip' => 'Quote it so. Nothing that carries is repaired here.',
        ],
    ],
    'rescue' => [
        'never' => [
            'what' => 'Strip it: :rounds rounds still leave :risk of a show zone burnt through.',
            'tip' => 'The film under the lows is too thin or too little known. Measure a slug, or strip it and take the brush-on skin.',
        ],
        'brittle' => [
            'what' => 'Strip it: the film would be :film µm in the end, and cracks with the part over :most µm.',
            'tip' => 'Strip it and take the brush-on skin.',
        ],
        'dear' => [
            'what' => 'Strip it: the rescue takes :hands_span of hands, stripping and a new skin :new_span.',
            'tip' => 'Strip it and take the brush-on skin, unless the weave itself must stay.',
        ],
        'measure' => [
            'what' => 'The film is known to ± :doubt µm. Measured, the same film would ask for fewer rounds: :fewer, not :rounds.',
            'tip' => 'A slug from where a hole will be, or an edge under the calliper, before the first block.',
        ],
    ],
    'method' => [
        'plies' => [
            'what' => 'This way of working lays :most at most, and :plies plies are asked for.',
            'tip' => 'Take fewer plies, or another way of working.',
        ],
        'adhesive_heat' => [
            'what' => 'Spray adhesive lets go before the resin does: a part in sun or heat lifts off it.',
            'tip' => 'Take the tacky base, or lay into wet resin.',
        ],
        'rust_on' => [
            'what' => 'Only steel rusts, and this part is of :substrate.',
            'tip' => 'Say what else is on it: paint, lacquer, vinyl, or nothing.',
        ],
        'adhesive_plies' => [
            'what' => 'Between two plies there must be resin, not adhesive: the lower one would stay dry.',
            'tip' => 'Take one ply, or the tacky base.',
        ],
        'no_blank' => [
            'what' => 'A flat sheet is cut into parts, and nobody has said how large.',
            'tip' => 'Take the shape “flat sheet on a plate”, and type the size of a part.',
        ],
        'no_film' => [
            'what' => 'It begins with the film that is there, and nobody has said how much.',
            'tip' => 'Type the film over the weave and its relief; a guess is taken with its doubt.',
        ],
        'metal_only' => [
            'what' => 'This way of working is for sheet metal; the part is :substrate.',
            'tip' => 'Take the brush-on skin.',
        ],
        'base_pigment' => [
            'what' => 'On metal the base is pigmented resin: light comes through the cloth otherwise, and primer shows.',
            'tip' => 'Take a base resin whose data sheet bears pigment, and the black base.',
        ],
        'cleared' => [
            'what' => 'What is made this way is cleared: its resin alone does not stand sun and use.',
            'tip' => 'Leave the surface at clear, or take the brush-on skin.',
        ],
'polyester_only' => [
            'what' => 'Cloth that is glued down is stippled through with polyester, and this resin is none: an epoxy wets '
                .'adhesive badly and holds no part in heat on it.',
            'tip' => 'Pick a polyester, or take the brush-on skin.',
        ],
        'seal_first' => [
            'what' => 'Bare wood breathes out under polyester and drinks it: no ply stays glued to it.',
            'tip' => 'Seal it with epoxy, let that cure through, key it, and tick that it comes sealed. Or take the brush-on skin.',
        ],
        'mist_short' => [
            'what' => 'The adhesive holds :holds min and the cloth takes :each min to lay, even in :of sections: it would let go under your hands.',
            'tip' => 'Another way of holding the cloth, or an adhesive whose data sheet gives it longer.',
        ],
        'mist_sections' => [
            'what' => 'The adhesive holds :holds min and all of the cloth takes :all min to lay: it goes on in :of sections of :each min.',
            'tip' => 'Mist each section just before its cloth. Second hands, or the tacky base, would lay it in one.',
        ],
        'glue_heat' => [
            'what' => 'Adhesive softens in sun and heat: only the resin that went through the open cloth then holds the skin.',
            'tip' => 'Stipple both plies dark to the part, or take the brush-on skin.',
        ],
        'gel_chemistry' => [
            'what' => 'Gel coat and laminate of a mould bond in the gel\'s tack, and only like to like: one is a polyester, the other an epoxy.',
            'tip' => 'Take both of one kind.',
        ],
        'shell_spare' => [
            'what' => 'A spare panel\'s inner frame takes the shell, and its edges stand out by :mm mm on every side.',
            'tip' => 'Have that frame before you begin; measure the gaps to what is next to it. The original stays whole.',
        ],
        'shell_own' => [
            'what' => 'The panel\'s own frame takes the shell: its old skin is cut away, and the original is gone. Edges stand out by :mm mm on every side.',
            'tip' => 'Measure the gaps to what is next to it. Nothing that crumples, hinges or latches is cut: that is for a licensed trade.',
        ],
        'shell_tabs' => [
            'what' => 'Tabs and clips bonded inside take the shell, and its edges stand out by :mm mm on every side.',
            'tip' => 'Mark where they sit before it is lifted off. How outside parts are fixed follows local vehicle rules.',
        ],
        'shell_plies' => [
            'what' => 'A shell of one ply curls as it cures.',
            'tip' => ':least plies at least, turned against each other.',
        ],
        'lift_too_hot' => [
            'what' => 'One ply of this mould resin gets hotter, laid at once, than the pattern bears.',
            'tip' => 'A slower resin for the mould, a cooler hour, or a pattern that bears more.',
        ],
        'two_faces' => [
            'what' => 'This way coats one face and then the other, and the shape has one.',
            'tip' => 'Take the shape “two faces and a rim”, or take another way of working.',
        ],
        'pour_level' => [
            'what' => 'A poured coat runs off: the most level face stands at :slope°, and :most° is the most.',
            'tip' => 'Tilt the part until the face that counts lies level, or take thinner coats at tack.',
        ],
        'thin_ply' => [
            'what' => 'A ply of :areal g/m² is heavy for sheet metal, which moves otherwise than it does.',
            'tip' => 'One thin ply, :most g/m² or less.',
        ],
    ],
    'substrate' => [
        'wont_hold' => [
            'what' => 'Resin does not hold on :substrate, keyed or not.',
            'tip' => 'Make the part anew in ABS or glass fibre, or clad a shell over it that is held by screws or clips.',
        ],
        'prime_first' => [
            'what' => 'Bare :substrate demands a primer before any base coat.',
            'tip' => 'Epoxy primer, blocked flat and keyed; it is in the plan. Tick “primed” when the part comes primed.',
        ],
        'softens' => [
            'what' => ':Substrate softens near :at °C; dark parts in the sun reach :sun °C.',
            'tip' => 'Keep it out of sun and heat, or make it of a tougher plastic or glass fibre.',
        ],
    ],
    'backing' => [
        'shows_through' => [
            'what' => ':cloth lets a light part show between its tows.',
            'tip' => 'Choose the black base coat, or a heavier cloth.',
        ],
    ],
    'finish' => [
        'needs_clear' => [
            'what' => 'Polished resin is always gloss; :finish comes from a clear.',
            'tip' => 'Choose the clear, or order gloss.',
        ],
    ],
    'top' => [
        'needs_uv' => [
            'what' => ':resin yellows in the sun when nothing guards it.',
            'tip' => 'Choose a UV-stable resin, or a clear on top.',
        ],
    ],
    'clear' => [
        'wrong_sheen' => ['what' => 'No :finish clear is chosen.', 'tip' => 'Pick a clear of that sheen, or put one on the shelf.'],
    ],
    'cloth' => [
        'too_narrow' => [
            'what' => 'The piece needs :needs mm across; the roll is :roll mm wide.',
            'tip' => 'Turn the weave, take a wider roll, or place a butt joint where nobody looks.',
        ],
    ],
    'zones' => [
        'none_coated' => ['what' => 'Every zone is bare: nothing would get resin.', 'tip' => 'Give at least one zone another kind.'],
    ],
    'no_mix' => [
        'short' => [
            'what' => 'The :coat went on from a cup that was no mix: :off of its hardener was missing.',
            'tip' => 'It may stay soft. Try a nail at an edge before anything goes over it; dented, scrape it down and begin that coat anew.',
        ],
        'over' => [
            'what' => 'The :coat went on from a cup that was no mix: :off hardener too much.',
            'tip' => 'It may stay soft or get brittle. Try a nail at an edge before anything goes over it; dented, scrape it down and begin that coat anew.',
        ],
    ],
    'film' => [
        'runs' => [
            'what' => 'The :coat of :laid g/m² runs: :edge g leave each metre of :zone and hang there as a bead of :bead mm, which lets '
                .'go.',
            'tip' => 'At most :holds g/m², or turn the part over after :turn min: what ran down runs back.',
        ],
        'prints_through' => [
            'what' => 'The last flatting comes while the film still shrinks: the weave prints back by :depth µm; '
                .'over :from µm shows in a reflected lamp.',
            'tip' => 'It is ready when it says so, and shows this later. Nothing would print back from :wait_until on; '
                .'waiting and post-cure stand among the choices.',
        ],
        'printed_through' => [
            'what' => 'It was flatted while the film still shrank: by full cure the weave prints back by :depth µm; '
                .'over :from µm shows in a reflected lamp.',
            'tip' => 'Say so when it is handed over, or flat and finish it once more after :wait_until.',
        ],
        'burns_through' => [
            'what' => ':zone: :risk of its area would burn through (target :target); :left stays on the mean.',
            'tip' => 'One more build coat, a second pass over that zone, or edges by hand with a finer paper.',
        ],
        'burns_through_still' => [
            'what' => ':zone: :risk of its area would burn through (target :target); :left stays on the mean.',
            'tip' => 'More coats are no way out: round the rim, begin with a finer paper, or leave that zone for the last paper by hand.',
        ],
        'round_rim' => [
            'what' => ':zone has a radius of :radius mm: it keeps :keeps % of what is brushed on it.',
            'tip' => 'Round it to :to mm or more before the base: the cheapest coat there is.',
        ],
        'dry_wet_out' => [
            'what' => 'The wet-out of :laid g/m² is under the cloth\'s saturation of :saturation g/m².',
            'tip' => 'What is missing is taken from the next coats. Look for grey places and recoat them at tack.',
        ],
    ],
    'scratch' => [
        'too_coarse' => [
            'what' => 'A scratch of :scratch µm is too coarse under :over: it shows above :most µm.',
            'tip' => 'Flat it once more with P:cure before anything goes over it.',
        ],
        'skipped' => [
            'what' => 'From P:from to P:to on :zone a paper was left out: the older scratch is still below.',
            'tip' => 'Back to P:cure until the older lines are gone, then P:to again.',
        ],
    ],
    'papers' => [
        'missing' => ['what' => 'Not on the shelf: :papers.', 'tip' => 'Buy them, or put what lies there on the shelf.'],
        'gap' => [
            'what' => 'The shelf has no papers that bridge P:from to P:to.',
            'tip' => 'The plan reckons with papers that are still to be bought.',
        ],
    ],
    'fit' => [
        'unseen' => [
            'what' => 'It will see :service °C, and nobody here saw how this moulding was cured.',
            'tip' => 'Ask whoever made it for its resin and its warmest cure: what softens loses its clear with it.',
        ],
        'softens' => [
            'what' => 'Cured at shop warmth :resin softens near :tg °C; this part will see :service °C, and the weave may print through.',
            'tip' => 'Post-cure it at :hold °C or more before the last flatting: it stands among the choices.',
        ],
        'softens_held' => [
            'what' => 'Held at :box °C as it is planned, :resin softens near :tg °C; this part will see :service °C, and the weave may print through.',
            'tip' => 'It is safe to :safe °C so. For :service °C it wants a hold at :hold °C, in an oven that this part bears.',
        ],
        'softens_oven' => [
            'what' => 'Cured at shop warmth :resin softens near :tg °C; this part will see :service °C, and the weave may print through.',
            'tip' => 'It wants a post-cure at :hold °C. The warm box makes :box here, which brings :brings: safe to :safe °C.',
        ],
        'softens_resin' => [
            'what' => ':resin softens at :ultimate °C at last; this part will see :service °C.',
            'tip' => 'No post-cure is enough. Take a resin for more heat, or expect the weave to print through; '
                .'a post-cure at :box °C is safe to :safe °C.',
        ],
        'softens_substrate' => [
            'what' => 'Cured at shop warmth :resin softens near :tg °C; this part will see :service °C, and the part itself bears no '
                .'post-cure at :hold °C.',
            'tip' => 'Post-cured at :box °C it is safe to :safe °C. Keep it cooler, or make the part of a tougher material.',
        ],
        'prime_and_key' => [
            'what' => ':Substrate and skin part by :strain % at :service °C.',
            'tip' => 'Prime, key deep, and lay one ply.',
        ],
        'key_deep' => [
            'what' => ':Substrate and skin part by :strain % at :service °C.',
            'tip' => 'Key deep, score edges there, and lay one ply.',
        ],
        'score_deep' => [
            'what' => ':Substrate and skin part by :strain % at :service °C.',
            'tip' => 'Key deep, score edges and undersides, one thin ply.',
        ],
        'score' => [
            'what' => ':Substrate and skin part by :strain % at :service °C.',
            'tip' => 'Prime, key deep, score edges and undersides, one thin ply.',
        ],
    ],
    'wear' => [
        'soft_top' => [
            'what' => 'This top scratches sooner than a 2K clear.',
            'tip' => 'Choose a 2K clear for what is rubbed and walked on.',
        ],
        'gloss' => ['what' => 'Gloss shows every scratch of wear.', 'tip' => 'Satin hides them; it is the same work without the polish.'],
        'matt' => ['what' => 'Matt shines where it is rubbed.', 'tip' => 'Satin hides it longest.'],
    ],
    'layer' => [
        'moulded_young' => [
            'what' => ':layer does not harden on :under before that is cured through, and nobody here saw this moulding cure.',
            'tip' => 'Ask when it came out of its mould: younger than a week and not held warm, hold it warm or wait. Warm water and a pad before the key.',
        ],
        'full_cure_wash_key' => [
            'what' => ':layer does not harden on :under before that is cured through and washed.',
            'tip' => 'The plan waits for full cure, washes the blush off and keys; a post-cure shortens the wait.',
        ],
        'through_cloth' => [
            'what' => ':layer does not harden on a young :under, and under the cloth nobody can wash and key that once it is cured.',
            'tip' => 'Take an epoxy for the skin or a polyester for the base; or hold the cloth with adhesive on a base that is cured, washed and keyed first.',
        ],
        'attacks' => ['what' => ':layer attacks :under.', 'tip' => 'Choose another, or put a tie coat between by both data sheets.'],
        'styrene' => ['what' => 'The styrene of :layer attacks :substrate.', 'tip' => 'Take an epoxy base.'],
    ],
    'lay' => [
        'outside' => [
            'what' => 'The cloth can\'t be laid inside its window: laying takes :hands min and the window of the :coat lies from :opens '
                .'to :closes.',
            'tip' => 'Choose a slower base:slower, ask for a second pair of hands, or lay two pieces with a butt joint where nobody looks.',
        ],
    ],
    'mix_ahead' => [
        'missed' => [
            'what' => 'Mixed now, the :next falls into :opens to :closes and nobody is there.',
            'tip' => 'Begin this coat :begin, as the run sheet has it, or stay for it.',
        ],
        'keyed_anyway' => [
            'what' => 'Mixed now, the :next falls into :opens to :closes and nobody is there: it would cure and be keyed.',
            'tip' => 'Staying, a warm box or the key: each stands priced on the bench before you lock up.',
        ],
        'keyed' => [
            'what' => 'Mixed now, the :next falls into :opens to :closes and nobody is there: it would cure and be keyed.',
            'tip' => 'Begin this coat :begin to bond it, or take the key.',
        ],
    ],
    'air' => [
        'too_warm' => [
            'what' => 'Air :air °C is over the :most °C that this resin bears.',
            'tip' => 'The cool of the day, or a slower hardener.',
        ],
        'too_cold' => [
            'what' => 'Air :air °C is under the :least °C that this resin wants.',
            'tip' => 'Warm room and part before you mix, or wait: warm enough :warmer_at.',
        ],
        'dew' => [
            'what' => 'The part at :part °C stands less than :margin Δ°C above the dew point of :dew °C.',
            'tip' => 'Warm the part above :to °C or dry the air; water under a coat lifts it.',
        ],
        'blush' => [
            'what' => 'While it tacks the part comes down to :margin Δ°C above the dew point, :at: an amine film may blush.',
            'tip' => 'Keep it in the warm box until it has set, dry the room, or wash it with warm water and a pad before the next coat.',
        ],
        'falling' => [
            'what' => 'The air falls by :fall Δ°C while this coat tacks: its window ends :later min later than at a steady temperature.',
            'tip' => 'Go by the witness patch, not by habit; the warm box holds the window where it was.',
        ],
    ],
    'mix' => [
        'smaller_cups' => [
            'what' => 'The :coat gels under the brush from one cup: hands :spread min with mixing, and it gels after :pot min at :air °C.',
            'tip' => 'Mix and spread it in :cups cups of :grams g, one after the other; '
                .'or a second pair of hands, a slower hardener, a cooler hour.',
        ],
        'smaller_cups_ml' => [
            'what' => 'The :coat gels under the brush from one cup: hands :spread min with mixing, and it gels after :pot min at :air °C.',
            'tip' => 'Mix and spread it in :cups cups of :ml ml, one after the other; '
                .'or a second pair of hands, a slower hardener, a cooler hour.',
        ],
        'cannot_spread' => [
            'what' => 'The :coat can\'t be spread in time: hands :spread min with mixing, even from the smallest cup, and it gels after '
                .':pot min at :air °C.',
            'tip' => 'Choose a slower hardener; no smaller cup and no second pair of hands is enough.',
        ],
        'cannot_spread_alone' => [
            'what' => 'The :coat can\'t be spread in time by one: hands :spread min with mixing, even from the smallest cup, and it gels '
                .'after :pot min at :air °C.',
            'tip' => 'Two pairs of hands spread it in time; or choose a slower hardener, or the cool of the day.',
        ],
        'cannot_spread_warm' => [
            'what' => 'The :coat can\'t be spread in time: hands :spread min with mixing, even from the smallest cup, and it gels after '
                .':pot min at :air °C.',
            'tip' => 'At :cooler °C it can: the cool of the day, or a slower hardener.',
        ],
        'hot' => [
            'what' => 'A cup of :grams g for the :coat, left standing, runs up to :peak °C.',
            'tip' => 'Mix it in :cups cups, or pour it into a flat tray at once.',
        ],
        'hot_ml' => [
            'what' => 'A cup of :ml ml for the :coat, left standing, runs up to :peak °C.',
            'tip' => 'Mix it in :cups cups, or pour it into a flat tray at once.',
        ],
        'hot_tray' => [
            'what' => 'A cup of :grams g for the :coat, left standing, runs up to :peak °C.',
            'tip' => 'Pour it into a flat tray as soon as it is mixed.',
        ],
        'hot_tray_ml' => [
            'what' => 'A cup of :ml ml for the :coat, left standing, runs up to :peak °C.',
            'tip' => 'Pour it into a flat tray as soon as it is mixed.',
        ],
        'too_small_ml' => [
            'what' => 'The :coat takes :ml ml of hardener: by the marks of a cup, :mark ml apart, the ratio may be off by more than 2 %.',
            'tip' => 'Measure it with a syringe; or weigh 100 ml of each jar once, and mix by weight.',
        ],
        'too_small' => [
            'what' => 'The :coat\'s cup of :grams g is too small for a scale of :scale g: the ratio may be off by more than 2 %.',
            'tip' => 'Mix :smallest g, or weigh on a finer scale.',
        ],
    ],
    'schedule' => [
        'window_gone' => [
            'what' => 'The moment for the next step has passed.',
            'tip' => 'Go on as soon as hands are free; for the wet-out the base has set by now, which is the other school.',
        ],
        'bond_lost' => [
            'what' => 'The moment for the next step has passed, and what lies there can\'t be keyed: nothing sure holds on it.',
            'tip' => 'Take it off and begin it anew, early enough that the next one falls into working hours.',
        ],
        'too_hot' => [
            'what' => 'The :coat would go on at :air °C: over the :most °C that its data sheet bears, all through the working hours.',
            'tip' => 'The cool hour, :begin at :cool °C, is :later_span later. A slower hardener of its system: “Plan back from when I\'m '
                .'free” has what each on the shelf comes to. If you must: :cups cups, :grams g more left in them, by what the data sheet allows.',
        ],
        'too_hot_for_cups' => [
            'what' => 'The :coat would go on at :air °C: over the :most °C that its data sheet bears, all through the working hours.',
            'tip' => 'The cool hour, :begin at :cool °C, is :later_span later. A slower hardener of its system: “Plan back from when I\'m '
                .'free” has what each on the shelf comes to. No smaller cup is spread before it gels.',
        ],
        'too_hot_all_day' => [
            'what' => 'The :coat would go on at :air °C: over the :most °C that its data sheet bears, and no hour of the day is cool enough: '
                .':cool °C at best, :begin.',
            'tip' => 'Cool the room, or a slower hardener whose data sheet bears it. Nothing is mixed until then.',
        ],
        'too_cold' => [
            'what' => 'The air never gets warm enough for a coat in working hours.',
            'tip' => 'Heat the room; the times shown leave that limit out.',
        ],
        'impossible' => [
            'what' => 'No way through the working hours was found within :days days.',
            'tip' => 'Longer hours on one day, or a slower resin whose window spans the night.',
        ],
        'pin_dropped' => [
            'what' => 'What was pinned or decided for this part has no way through any more.',
            'tip' => 'It is planned without. Pin it anew on the run sheet, or take another way.',
        ],
        'alone' => [
            'what' => 'The piece of :area m² wants two pairs of hands; no two are there together.',
            'tip' => 'Ask for a second person at that hour, or cut the piece in two with a butt joint where nobody looks.',
        ],
        'late' => ['what' => 'Ready :ready; needed by :needed.', 'tip' => 'Take a choice that comes out sooner, or longer hours.'],
        'rather_key' => [
            'what' => 'Coated now it bonds and needs no key, but nothing is ready sooner for it.',
            'tip' => 'The run sheet lets it cure and keys it :at, where that suits hands and the other parts better.',
        ],
    ],
];
