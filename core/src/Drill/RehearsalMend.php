<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Labelled;

/** What would have a rush ready in time. */
enum RehearsalMend: string implements Labelled
{
    case Nothing = 'nothing';
    /** Another control is taken for the right one. */
    case Confused = 'confused';
    /** A setting that is changed after the press could be held by the control. */
    case IntoTheSet = 'into-the-set';
    /**
     * No control holds what is changed after the press: it has to stand so beforehand, which the order of the day
     * decides.
     */
    case BeforeIt = 'before-it';
    /** It comes without warning: its control has to be held before it is seen. */
    case HeldBefore = 'held-before';
    case Practise = 'practise';
}
