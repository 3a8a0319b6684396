<?php

declare(strict_types=1);

return [
    'not_on_yet' => 'What the cup kept back is weighed once its coat is on.',
    'no_step' => 'The plan has no such step.',
    'not_newest' => 'Only the newest coat can be checked.',
    'kept' => ':step was already kept, at :at.',
    'kept_skipped' => ':step was already kept.',
    'not_next' => ':step is not the next step; that is :next.',
    'none_next' => ':step is not the next step; that is none.',
    'ready_kept' => 'The ready check of :step was already kept, at :at.',
    'not_its_act' => 'That act does not belong to :step.',
    'ahead' => ':at is still ahead today; now it is :now. If it was yesterday, say so beside it.',
    'before_last' => ':at is before the last thing that was done, at :last.',
    'done' => ':step: :what, kept.',
    'coat_wet' => 'The coat below was still wet by the curve: look for runs and lifted resin, and touch earlier next time.',
    'coat_missed' => 'The coat below was past bonding and not keyed: hold this part back and test an edge when it has cured.',
    'coat_hard' => 'The coat below was hard and not keyed: it may peel. Strike it out if it was keyed, and log the key.',
    'not_to_strike' => 'This line can\'t be struck out, or already is.',
    'struck' => 'Struck out. It stays in the record and is left out of the plan.',
    'struck_new_tag' => 'Another part carries :old by now: this one goes on as :new. Struck out. '
        .'It stays in the record and is left out of the plan.',
    'counts' => 'It counts.',
    'left_out' => 'Left out. It stays in the record.',
    'reason_missing' => 'Say why it is left out.',

    // What is answered to a form.
    'no_mark' => 'This was sent without the mark of its form, so it can\'t be told from a press sent twice. '
        .'Load the page anew and press again. Nothing was recorded.',
    'other_mark' => 'The mark of this form was used for something else already. Load the page anew and press again. Nothing was recorded.',
    'far_longer' => ':minutes min are far more than the :planned min that this step is planned with. If that is a slip, type it again.',
    'sure_minutes' => 'It took :minutes min',
    'just_done' => ':who logged P:grit on it just now. A second pass?',
    'second_pass' => 'Yes, a second pass',
    'joined' => ':who kept that just now: it is one act, kept once.',
    'already' => 'Already kept.',
];
