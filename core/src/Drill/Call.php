<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Labelled;

/** A situation that is called out, and what of a layout answers it. */
enum Call: string implements Labelled
{
    /** Any button: how fast the hand is when nothing has to be decided. */
    case Now = 'now';
    case Off = 'off';
    case Leaves = 'leaves';
    case Leader = 'leader';
    case Face = 'face';
    case Settles = 'settles';
    case Crosses = 'crosses';
    case Sun = 'sun';
    case Side = 'side';
    case Other = 'other';
    case Hunts = 'hunts';
    case Closer = 'closer';
    case Both = 'both';

    /** Whether a control answers it. */
    public function isAnsweredBy(Key $key): bool
    {
        $set = $key->duty === Duty::StoredSet;
        $detects = $key->detect !== null && $key->detect !== Detection::Off;

        return match ($this) {
            self::Now => true,
            self::Off => $key->duty === Duty::StartFocus,
            self::Settles => $set && $key->mode !== null && $key->mode !== FocusMode::Continuous,
            self::Leaves => $set && ! $detects && $key->area?->about()->isFine === true,
            self::Face => $set && $detects,
            self::Leader => $set && ! $detects && $key->area?->about()->isFine === false,
            self::Crosses => $set,
            self::Sun => $key->duty === Duty::LockExposure,
            self::Side => $key->duty === Duty::RecallArea,
            self::Other => $key->duty === Duty::SwitchDetection,
            self::Hunts => $key->duty === Duty::ToggleManual,
            self::Closer => $key->duty === Duty::Magnify,
            self::Both => $key->duty === Duty::PreviewDepth,
        };
    }

    /**
     * The call each control is practised by; what no call is left for is not asked, since another control does the
     * same.
     *
     * @param  list<Key>  $keys
     * @return array<int, self> by the number of the control
     */
    public static function among(array $keys): array
    {
        $calls = [];
        $taken = [self::Now];
        foreach ($keys as $i => $key) {
            foreach (self::cases() as $call) {
                if (! in_array($call, $taken, true) && $call->isAnsweredBy($key)) {
                    $taken[] = $calls[$i] = $call;
                    break;
                }
            }
        }

        return $calls;
    }
}
