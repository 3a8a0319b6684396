<?php

declare(strict_types=1);

return [
    'lesson' => [
        'tack' => ['title' => 'Coat at tack', 'goal' => 'The wet-out is keyed. Lay two build coats so that the second bonds to the first: when it prints and nothing lifts.'],
        'patience' => ['title' => 'Flat when it dusts', 'goal' => 'The last of four build coats went on an hour ago. Flat top and flank uniformly matt; sand no sooner than the paper dusts.'],
        'edge' => ['title' => 'Leave the edge whole', 'goal' => 'Three coats have cured. Flat all of it and burn nothing: faces on the block, the rim by hand.'],
        'ladder' => ['title' => 'Leave no grit out', 'goal' => 'It was flatted to P320. Bring it to 75 gloss units: each paper until the scratch before it is gone, then compound.'],
        'dust' => ['title' => 'Shut no dust in', 'goal' => 'It was flatted to P240 just now. Lay one clean finish coat of about 20 g.'],
        'matt' => ['title' => 'Keep matt matt', 'goal' => 'Flatted to P600 and wiped. Hand over an even matt of 7 to 18 gloss units, dry.'],
    ],
    'act' => [
        'mix' => 'Mixed :amount g.', 'coat' => 'Brushed a coat on.', 'touch' => 'Touched the witness patch.', 'wait' => 'Waited :span.', 'sand' => 'Sanded P:grit on :zone, :amount min.',
        'wipe' => 'Wiped twice.', 'spray' => 'Sprayed :amount coats of :sheen clear.', 'polish' => 'Polished with :compound compound, :amount min.', 'look' => 'Held it to the light.',
    ],
    'answer' => [
        'mixed' => 'Use it within :use_within min.', 'no_cup' => 'The cup is empty.', 'cup_thrown' => 'The cup had gelled and was thrown away.', 'coated' => ':g_m2 g/m²; :ran_off g/m² ran to the lower edges.',
        'touch_too_wet' => 'Resin on the glove: too wet.', 'touch_print' => 'A print, nothing lifts: it bonds.', 'touch_dents' => 'No print, a nail dents it: it still bonds.', 'touch_hard' => 'Hard: key first.',
        'waited' => '', 'clogged' => 'The paper clogs and tears: too soft.', 'sanded' => ':low_percent still low, :bare_percent bare, scratch :scratch µm.', 'wiped' => 'The cloth stays white.',
        'sprayed' => ':um µm dry.', 'polished' => ':cut µm off, now :gloss GU.', 'looked' => ':gloss GU, scratch :scratch µm, :bare_percent bare, :print µm printed back.',
    ],
    'goal' => [
        'coats' => ':n coats on.', 'flat' => ':percent of the faces is still low; 2 % may be.', 'whole' => ':percent is bare; none may be.', 'rim' => ':percent of the rim is bare; none may be.', 'rim_flat' => ':percent of the rim is still low; a quarter may be.',
        'gloss' => ':n gloss units; 75 are wanted.', 'clean' => 'Dust shut in over :percent; none may be.', 'clear' => ':n µm of clear on it.', 'dry' => 'Handed over dry, 15 h after the clear.', 'matt' => ':n gloss units; 7 to 18 are wanted.',
    ],
    'mistake' => [
        'coated_too_early' => 'Coated too early. The coat below had an age of :age min, its tack began at :from (the sheet says :sheet): the brush lifted it, and it will not lie flat. Touch first.',
        'coated_unkeyed' => 'Coated too late, without a key. Its age was :age min, it bonds until :until: from there a coat holds only in a scratch. It will peel.',
        'flat_too_soon' => 'Flatted too soon. An age of :age min where :from make it dust: the paper clogs and tears the film instead of cutting it.',
        'burnt_through' => 'Burnt through on :zone with P:grit: that pass went :reach µm down, more than lay over the crowns. On an edge the film is thin and a block bears down 2.5 times as hard: by hand, and last.',
        'skipped_grit' => 'A grit left out. P:grit leaves :own µm of its own, but :left µm of the :before µm before it still stand below: a jump over 2.2 in grain takes longer than anybody sands. Back one grit.',
        'dust_sealed' => 'Dust sealed in. Nobody wiped after the paper: it lies under the coat for good and dims it by up to a third.',
        'polished_matt' => 'Polished matt. From :before to :after gloss units, in patches: a pad takes the matting off where it happens to lie. Only another coat takes that away.',
        'cup_gelled' => 'The cup had gelled: :age min old, usable for :limit at this air.',
        'scratch_sealed' => 'Too coarse a scratch below: :scratch µm, where :most µm is hidden. It shows as haze.',
    ],
];
