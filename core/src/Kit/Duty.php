<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What a control may be given to do. */
enum Duty: string
{
    case StartFocus = 'start-focus';
    case StoredSet = 'stored-set';
    case LockExposure = 'lock-exposure';
    case RecallArea = 'recall-area';
    case SwitchDetection = 'switch-detection';
    case ToggleManual = 'toggle-manual';
    case Magnify = 'magnify';
    case PreviewDepth = 'preview-depth';

    public function label(): string
    {
        return match ($this) {
            self::StartFocus => 'Start focus',
            self::StoredSet => 'Focus with a stored set while held',
            self::LockExposure => 'Lock exposure',
            self::RecallArea => 'Recall an area',
            self::SwitchDetection => 'Switch detection',
            self::ToggleManual => 'Manual on and off',
            self::Magnify => 'Magnify',
            self::PreviewDepth => 'Preview depth',
        };
    }
}
