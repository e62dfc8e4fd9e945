<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Kit\Detection;
use RushHold\Labelled;

/** The outline a subject is drawn with. */
enum Figure: string implements Labelled
{
    case FlyingBird = 'flying-bird';
    case GlidingBird = 'gliding-bird';
    case HoveringBird = 'hovering-bird';
    case LandingBird = 'landing-bird';
    case RisingBird = 'rising-bird';
    case SoaringBird = 'soaring-bird';
    case DivingBird = 'diving-bird';
    case PerchedBird = 'perched-bird';
    case WadingBird = 'wading-bird';
    case SwimmingBird = 'swimming-bird';
    case RunningMammal = 'running-mammal';
    case LeapingMammal = 'leaping-mammal';
    case WalkingMammal = 'walking-mammal';
    case Deer = 'deer';
    case WaterMammal = 'water-mammal';
    case Dolphin = 'dolphin';
    case Swimmer = 'swimmer';
    case Runner = 'runner';
    case Jumper = 'jumper';
    case Kicker = 'kicker';
    case Skier = 'skier';
    case Rider = 'rider';
    case HorseRider = 'horse-rider';
    case Motorcycle = 'motorcycle';
    case Vehicle = 'vehicle';
    case Boat = 'boat';
    case Insect = 'insect';
    case Plain = 'plain';

    public static function usual(Detection $kind, float $speedMps): self
    {
        return match ($kind) {
            Detection::Bird => $speedMps > 1 ? self::FlyingBird : self::PerchedBird,
            Detection::Animal => $speedMps > 3 ? self::RunningMammal : self::WalkingMammal,
            Detection::Person => self::Runner,
            Detection::Vehicle => self::Vehicle,
            Detection::Off => self::Plain,
        };
    }
}
