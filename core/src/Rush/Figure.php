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
    case Aeroplane = 'aeroplane';
    case Antelope = 'antelope';
    case Badger = 'badger';
    case Basketball = 'basketball';
    case Batter = 'batter';
    case Bat = 'bat';
    case Bear = 'bear';
    case Bee = 'bee';
    case BigCat = 'big-cat';
    case Blocks = 'blocks';
    case Bmx = 'bmx';
    case Boar = 'boar';
    case Bowler = 'bowler';
    case Boxer = 'boxer';
    case Butterfly = 'butterfly';
    case ButterflyStroke = 'butterfly-stroke';
    case Buzzard = 'buzzard';
    case Carrying = 'carrying';
    case Cat = 'cat';
    case Child = 'child';
    case Cormorant = 'cormorant';
    case Crane = 'crane';
    case CraneDancing = 'crane-dancing';
    case CrossCountrySkier = 'cross-country-skier';
    case Crow = 'crow';
    case Dancer = 'dancer';
    case Diver = 'diver';
    case Dog = 'dog';
    case DogJumping = 'dog-jumping';
    case Dragonfly = 'dragonfly';
    case Dressage = 'dressage';
    case Duck = 'duck';
    case DuckSwimming = 'duck-swimming';
    case Eagle = 'eagle';
    case EagleStriking = 'eagle-striking';
    case Elephant = 'elephant';
    case Falcon = 'falcon';
    case FalconDiving = 'falcon-diving';
    case Fencer = 'fencer';
    case FigureSkater = 'figure-skater';
    case Finishing = 'finishing';
    case Foal = 'foal';
    case Footballer = 'footballer';
    case Fox = 'fox';
    case FoxPouncing = 'fox-pouncing';
    case FoxTrotting = 'fox-trotting';
    case Fulmar = 'fulmar';
    case Gannet = 'gannet';
    case GannetDiving = 'gannet-diving';
    case Goalkeeper = 'goalkeeper';
    case Golfer = 'golfer';
    case Goose = 'goose';
    case Guillemot = 'guillemot';
    case Gull = 'gull';
    case Gymnast = 'gymnast';
    case Handballer = 'handballer';
    case Hare = 'hare';
    case Hawk = 'hawk';
    case Heron = 'heron';
    case HeronStanding = 'heron-standing';
    case HighJumper = 'high-jumper';
    case Horse = 'horse';
    case Hummingbird = 'hummingbird';
    case Hurdler = 'hurdler';
    case Ibex = 'ibex';
    case IceHockey = 'ice-hockey';
    case Kart = 'kart';
    case Kayak = 'kayak';
    case Kingfisher = 'kingfisher';
    case KingfisherDiving = 'kingfisher-diving';
    case KingfisherPerched = 'kingfisher-perched';
    case Kite = 'kite';
    case KiteSurfer = 'kite-surfer';
    case Moth = 'moth';
    case Motocross = 'motocross';
    case Otter = 'otter';
    case Owl = 'owl';
    case OwlPerched = 'owl-perched';
    case Pelican = 'pelican';
    case PenguinLeaping = 'penguin-leaping';
    case Pheasant = 'pheasant';
    case Pigeon = 'pigeon';
    case PoleVaulter = 'pole-vaulter';
    case Polo = 'polo';
    case PropellerPlane = 'propeller-plane';
    case Puffin = 'puffin';
    case PuffinStanding = 'puffin-standing';
    case Rabbit = 'rabbit';
    case RaceCar = 'race-car';
    case Racket = 'racket';
    case RiderStanding = 'rider-standing';
    case RoadCyclist = 'road-cyclist';
    case RoeDeer = 'roe-deer';
    case RowingBoat = 'rowing-boat';
    case Rugby = 'rugby';
    case SailingBoat = 'sailing-boat';
    case Seal = 'seal';
    case ShowJumper = 'show-jumper';
    case Skateboarder = 'skateboarder';
    case Skater = 'skater';
    case SkiJumper = 'ski-jumper';
    case Skua = 'skua';
    case Snowboarder = 'snowboarder';
    case Songbird = 'songbird';
    case SongbirdPerched = 'songbird-perched';
    case Sprinter = 'sprinter';
    case Squirrel = 'squirrel';
    case SquirrelLeaping = 'squirrel-leaping';
    case Stag = 'stag';
    case Stoat = 'stoat';
    case Surfer = 'surfer';
    case Swallow = 'swallow';
    case Swan = 'swan';
    case Swift = 'swift';
    case Tennis = 'tennis';
    case Tern = 'tern';
    case TernDiving = 'tern-diving';
    case Thrower = 'thrower';
    case Train = 'train';
    case Volleyball = 'volleyball';
    case Wader = 'wader';
    case WaderStanding = 'wader-standing';
    case Whale = 'whale';
    case Wolf = 'wolf';
    case Woodpecker = 'woodpecker';
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

    /** What a camera that looks for something would take it for. */
    public function kind(): Detection
    {
        return match ($this) {
            self::Plain => Detection::Off,
            self::FlyingBird,
            self::GlidingBird,
            self::HoveringBird,
            self::LandingBird,
            self::RisingBird,
            self::SoaringBird,
            self::DivingBird,
            self::PerchedBird,
            self::WadingBird,
            self::SwimmingBird,
            self::Buzzard,
            self::Cormorant,
            self::Crane,
            self::CraneDancing,
            self::Crow,
            self::Duck,
            self::DuckSwimming,
            self::Eagle,
            self::EagleStriking,
            self::Falcon,
            self::FalconDiving,
            self::Fulmar,
            self::Gannet,
            self::GannetDiving,
            self::Goose,
            self::Guillemot,
            self::Gull,
            self::Hawk,
            self::Heron,
            self::HeronStanding,
            self::Hummingbird,
            self::Kingfisher,
            self::KingfisherDiving,
            self::KingfisherPerched,
            self::Kite,
            self::Owl,
            self::OwlPerched,
            self::Pelican,
            self::PenguinLeaping,
            self::Pheasant,
            self::Pigeon,
            self::Puffin,
            self::PuffinStanding,
            self::Skua,
            self::Songbird,
            self::SongbirdPerched,
            self::Swallow,
            self::Swan,
            self::Swift,
            self::Tern,
            self::TernDiving,
            self::Wader,
            self::WaderStanding,
            self::Woodpecker => Detection::Bird,
            self::RunningMammal,
            self::LeapingMammal,
            self::WalkingMammal,
            self::Deer,
            self::WaterMammal,
            self::Dolphin,
            self::Insect,
            self::Antelope,
            self::Badger,
            self::Bat,
            self::Bear,
            self::Bee,
            self::BigCat,
            self::Boar,
            self::Butterfly,
            self::Cat,
            self::Dog,
            self::DogJumping,
            self::Dragonfly,
            self::Elephant,
            self::Foal,
            self::Fox,
            self::FoxPouncing,
            self::FoxTrotting,
            self::Hare,
            self::Horse,
            self::Ibex,
            self::Moth,
            self::Otter,
            self::Rabbit,
            self::RoeDeer,
            self::Seal,
            self::Squirrel,
            self::SquirrelLeaping,
            self::Stag,
            self::Stoat,
            self::Whale,
            self::Wolf => Detection::Animal,
            self::Motorcycle,
            self::Vehicle,
            self::Boat,
            self::Aeroplane,
            self::Kart,
            self::Motocross,
            self::PropellerPlane,
            self::RaceCar,
            self::SailingBoat,
            self::Train => Detection::Vehicle,
            default => Detection::Person,
        };
    }

    /** Whether there is air behind it. */
    public function flies(): bool
    {
        return in_array(
            $this,
            [
                self::FlyingBird,
                self::GlidingBird,
                self::HoveringBird,
                self::LandingBird,
                self::RisingBird,
                self::SoaringBird,
                self::DivingBird,
                self::Buzzard,
                self::Cormorant,
                self::Crane,
                self::Crow,
                self::Duck,
                self::Eagle,
                self::EagleStriking,
                self::Falcon,
                self::FalconDiving,
                self::Fulmar,
                self::Gannet,
                self::GannetDiving,
                self::Goose,
                self::Guillemot,
                self::Gull,
                self::Hawk,
                self::Heron,
                self::Hummingbird,
                self::Kingfisher,
                self::KingfisherDiving,
                self::Kite,
                self::Owl,
                self::Pelican,
                self::Pheasant,
                self::Pigeon,
                self::Puffin,
                self::Skua,
                self::Songbird,
                self::Swallow,
                self::Swan,
                self::Swift,
                self::Tern,
                self::TernDiving,
                self::Wader,
                self::Woodpecker,
                self::Bat,
                self::Dragonfly,
                self::Bee,
                self::Butterfly,
                self::Moth,
                self::Insect,
                self::Aeroplane,
                self::PropellerPlane,
            ],
            true,
        );
    }

    /** Whether most of it is under water. */
    public function swims(): bool
    {
        return in_array($this, [self::Swimmer, self::ButterflyStroke], true);
    }
}
