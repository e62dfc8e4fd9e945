<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** What a control may be given to do. */
enum Duty: string implements Labelled
{
    case StartFocus = 'start-focus';
    case StoredSet = 'stored-set';
    case LockExposure = 'lock-exposure';
    case RecallArea = 'recall-area';
    case SwitchDetection = 'switch-detection';
    case ToggleManual = 'toggle-manual';
    case Magnify = 'magnify';
    case PreviewDepth = 'preview-depth';
}
