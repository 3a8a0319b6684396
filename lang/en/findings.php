<?php

declare(strict_types=1);

// what: what was noticed · tip: the way out.
return [
    'substrate' => [
        'wont_hold' => ['what' => 'Resin does not hold on :substrate, keyed or not.', 'tip' => 'Make the part anew in ABS or glass fibre, or clad a shell over it that is held by screws or clips.'],
        'prime_first' => ['what' => 'Bare :substrate demands a primer before any base coat.', 'tip' => 'Epoxy or etch primer, blocked flat and keyed; it is in the plan. Tick “primed” when the part comes primed.'],
        'softens' => ['what' => ':Substrate softens near :at °C; dark parts in the sun reach :sun °C.', 'tip' => 'Keep it out of sun and heat, or make it of a tougher plastic or glass fibre.'],
    ],
    'backing' => ['shows_through' => ['what' => ':cloth lets a light part show between its tows.', 'tip' => 'Choose the black base coat, or a heavier cloth.']],
    'finish' => ['needs_clear' => ['what' => 'Polished resin is always gloss; :finish comes from a clear.', 'tip' => 'Choose the clear, or order gloss.']],
    'top' => ['needs_uv' => ['what' => ':resin yellows in the sun when nothing guards it.', 'tip' => 'Choose a UV-stable resin, or a clear on top.']],
    'clear' => ['wrong_sheen' => ['what' => 'No :finish clear is chosen.', 'tip' => 'Pick a clear of that sheen, or put one on the shelf.']],
    'cloth' => ['too_narrow' => ['what' => 'The piece needs :needs mm across; the roll is :roll mm wide.', 'tip' => 'Turn the weave, take a wider roll, or place a butt joint where nobody looks.']],
    'zones' => ['none_coated' => ['what' => 'Every zone is bare: nothing would get resin.', 'tip' => 'Give at least one zone another kind.']],
    'film' => [
        'runs' => ['what' => ':zone is steep for the :coat: of :laid g/m² :drained run down to a bead of :bead mm, which lets go.', 'tip' => 'At most :holds g/m² on that face, lay it flatter, or turn the part over after :turn min.'],
        'prints_through' => ['what' => ':coat is planned early: what is still to shrink pulls the weave back through by :depth µm; over :from µm shows in a reflected lamp.', 'tip' => 'Wait until :wait_until before the last flatting, or warm it through within what part and film stand.'],
        'burns_through' => ['what' => ':zone: :risk of its area would burn through (target :target); :left stays on the mean.', 'tip' => 'One more build coat, a larger edge radius, or edges by hand with a finer paper.'],
        'dry_wet_out' => ['what' => 'The wet-out of :laid g/m² is under the cloth\'s saturation of :saturation g/m².', 'tip' => 'What is missing is taken from the next coats. Look for grey places and recoat them at tack.'],
    ],
    'scratch' => [
        'too_coarse' => ['what' => 'A scratch of :scratch µm is too coarse under :over: it shows above :most µm.', 'tip' => 'Flat it once more with P:cure before anything goes over it.'],
        'skipped' => ['what' => 'From P:from to P:to on :zone a paper was left out: the older scratch is still below.', 'tip' => 'Back to P:cure until the older lines are gone, then P:to again.'],
    ],
    'papers' => [
        'missing' => ['what' => 'Not on the shelf: :papers.', 'tip' => 'Buy them, or put what lies there on the shelf.'],
        'gap' => ['what' => 'The shelf has no papers that bridge P:from to P:to.', 'tip' => 'The plan reckons with papers that are still to be bought.'],
    ],
    'air' => [
        'too_cold' => ['what' => 'Air :air °C is under the :least °C that this resin wants.', 'tip' => 'Warm room and part before you mix, or wait: warm enough :warmer_at.'],
        'dew' => ['what' => 'The part at :part °C stands less than 3 °C above the dew point of :dew °C.', 'tip' => 'Warm the part above :to °C or dry the air; water under a coat lifts it.'],
        'blush' => ['what' => 'While it tacks the part comes down to :margin °C above the dew point, :at: an amine film may blush.', 'tip' => 'Keep it in the warm box until it has set, dry the room, or wash it with warm water and a pad before the next coat.'],
        'falling' => ['what' => 'The air falls by :fall °C while this coat tacks: its window ends :later min later than at a steady temperature.', 'tip' => 'Go by the witness patch, not by habit; the warm box holds the window where it was.'],
    ],
    'mix' => ['too_small' => ['what' => 'The :coat\'s cup of :grams g is too small for a scale of :scale g: the ratio may be off by more than 2 %.', 'tip' => 'Mix :smallest g, or weigh on a finer scale.']],
    'schedule' => [
        'window_gone' => ['what' => 'The moment for the next step has passed.', 'tip' => 'Go on as soon as hands are free; for the wet-out the base has set by now, which is the other school.'],
        'too_cold' => ['what' => 'The air never gets warm enough for a coat in working hours.', 'tip' => 'Heat the room; the times shown leave that limit out.'],
        'impossible' => ['what' => 'No way through the working hours was found within :days days.', 'tip' => 'Longer hours on one day, or a slower resin whose window spans the night.'],
        'pin_dropped' => ['what' => 'What was pinned or decided for this part has no way through any more.', 'tip' => 'It is planned without. Pin it anew on the run sheet, or take another way.'],
        'alone' => ['what' => 'The piece of :area m² wants two pairs of hands; no two are there together.', 'tip' => 'Ask for a second person at that hour, or cut the piece in two with a butt joint where nobody looks.'],
        'late' => ['what' => 'Ready :ready; needed by :needed.', 'tip' => 'Take a choice that comes out sooner, or longer hours.'],
        'rather_key' => ['what' => 'Coating now gains nothing by closing time.', 'tip' => 'The run sheet would let it cure and key it :at. Coating now bonds and saves the key.'],
    ],
];
