<?php

declare(strict_types=1);

namespace Fravel\Document;

/** What sets a list of reactions off. */
enum Trigger
{
    /** Something done with a thing by hand. */
    case Act;
    /** An answer that opens a lock. */
    case Right;
    /** An answer that does not. */
    case Wrong;
    /** Coming to an open lock again. */
    case Again;
    /** Asking for help; its condition says whether one may. */
    case Hint;
    /** Picking an option, whatever the answer is worth. */
    case Pick;
    /** A moment of a clip. */
    case Cue;
    case Arrive;
    case Refused;
    case Next;
}
