<?php

declare(strict_types=1);

namespace YokeLine\Practice;

/** A mistake that is made again and again, told by the number it leads to. */
enum SlipKind: string
{
    /** Top or bottom of the rail was taken for the middle of its holes. */
    case HalfRail = 'half-rail';
    /** Counted from the low spot of the floor, or the floor there was left out. */
    case LowFloor = 'low-floor';
    /** Measured from the jamb, where the tape hooks at the corner. */
    case FromJamb = 'from-jamb';
    /** Measured from the other end of the wall. */
    case OtherEnd = 'other-end';
    /** Right on the other side of the opening. */
    case Mirror = 'mirror';
    case Forgotten = 'forgotten';
    case Twice = 'twice';
    case Reversed = 'reversed';
    /** The fraction of an inch was misread. */
    case Sixteenths = 'sixteenths';
    /** A ten or a hundred was misread. */
    case Digits = 'digits';
    /** An edge of a stud was taken for its middle. */
    case StudEdge = 'stud-edge';
    case StudMissed = 'stud-missed';
    case StudInvented = 'stud-invented';
    /** All of the leaf was taken for what one hanger carries. */
    case NotShared = 'not-shared';
    case HardwareForgotten = 'hardware-forgotten';
    case Unanswered = 'unanswered';
}
