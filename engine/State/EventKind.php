<?php

declare(strict_types=1);

namespace Fravel\State;

/** What can happen in a play; the arguments of each kind stand beside it, in their order. */
enum EventKind: string
{
    /** scene */
    case Entered = 'entered';

    /** lock, verdict, index of the rule or "otherwise" */
    case Answered = 'answered';

    /** choice or find-it board, `right`, `wrong` or `neutral` */
    case Marked = 'marked';

    /** find-it board, the box that was asked for, the box that was picked */
    case Picked = 'picked';

    /** lock */
    case Opened = 'opened';

    /** text (CommonMark, names filled in) */
    case Said = 'said';

    /** token */
    case Given = 'given';

    /** token */
    case Taken = 'taken';

    /** tally, what it stands at now */
    case Tallied = 'tallied';

    /** tally, "must", "never" or "free" */
    case Decided = 'decided';

    /** cover */
    case Lifted = 'lifted';

    /** cover */
    case Lowered = 'lowered';

    /** lock, index of the hint */
    case Hinted = 'hinted';

    /** reason, arguments */
    case Refused = 'refused';

    /** moment of a clip that the film was wound to */
    case Wound = 'wound';

    /** kind of ending */
    case Ended = 'ended';
}
