<?php

declare(strict_types=1);

namespace RushHold\Library;

/**
 * What people call the subjects of the library, and what they say it is doing. All are patterns without case; an ending
 * for more than one is understood anyway.
 */
final class SubjectWords
{
    /** Names, each with the subjects it may mean: the first where nothing is said of what it does. */
    public const NAMES = [
        'puffins?' => ['puffin-flight', 'puffin-take-off', 'puffin-landing'],
        '(northern )?gannets?' => ['gannet-glide', 'gannet-plunge'],
        'terns?' => ['tern-hover', 'tern-plunge'],
        '(sea ?)?gulls?|kittiwakes?' => ['gull-flight', 'gull-landing', 'gull-turn'],
        'fulmars?|shearwaters?' => ['fulmar-glide'],
        'guillemots?|razorbills?|auks?' => ['guillemot-flight'],
        'oystercatchers?' => ['oystercatcher'],
        'sandpipers?|plovers?|dunlins?|sanderlings?|waders?|avocets?|redshanks?|greenshanks?|turnstones?|stilts?|stints?|phalaropes?' => ['wader-feeding', 'small-wader-flock'],
        'small waders|wader flock|flock of waders' => ['small-wader-flock'],
        'herons?|egrets?' => ['heron-flight', 'heron-take-off', 'heron-landing', 'heron-strike'],
        'cormorants?|shags?' => ['cormorant-flight'],
        'skuas?' => ['skua-swoop'],
        'pelicans?' => ['pelican-landing'],
        'penguins?' => ['penguin-leap'],
        'pipits?' => ['pipit-perched', 'songbird-take-off', 'songbird-flight', 'songbird-landing'],
        'robins?|wrens?|warblers?|chats?|buntings?' => ['songbird-singing', 'songbird-take-off', 'songbird-landing', 'songbird-flight'],
        'song ?birds?|finch(es)?|goldfinch(es)?|bullfinch(es)?|greenfinch(es)?|chaffinch(es)?|hawfinch(es)?|sparrows?|thrush(es)?|small birds?|wagtails?|bramblings?|siskins?|redpolls?|blackbirds?|fieldfares?|redwings?|waxwings?|flycatchers?|treecreepers?|goldcrests?' => ['songbird-flight', 'songbird-take-off', 'songbird-landing', 'songbird-singing'],
        '(blue |great |coal |marsh |willow |long-tailed )?tits?|chickadees?|nuthatch(es)?' => ['tit-feeder', 'songbird-take-off', 'songbird-landing'],
        'swallows?|martins?' => ['swallow'],
        'swifts?' => ['swift'],
        'kingfishers?' => ['kingfisher-flight', 'kingfisher-dive', 'kingfisher-hover'],
        'woodpeckers?' => ['woodpecker-flight'],
        'crows?|ravens?|rooks?|jackdaws?|magpies?' => ['crow-flight'],
        '(wood )?pigeons?|doves?' => ['pigeon-burst'],
        'grouse|partridges?|ptarmigans?' => ['grouse-flush'],
        'pheasants?' => ['pheasant-flush'],
        'starlings?|murmurations?' => ['starling-cloud'],
        'cranes?' => ['crane-flight', 'crane-dance'],
        'storks?' => ['stork-landing', 'crane-flight'],
        '(sky)?larks?' => ['lark-song'],
        'hummingbirds?' => ['hummingbird'],
        'buzzards?' => ['buzzard-soar'],
        '(golden |sea |white-tailed )?eagles?' => ['eagle-soar', 'eagle-take-off', 'eagle-strike'],
        'ospreys?' => ['osprey-strike'],
        'falcons?|peregrines?|hobb(y|ies)|merlins?' => ['falcon-flight', 'falcon-stoop'],
        'kestrels?' => ['kestrel-hover'],
        '(marsh |hen )?harriers?' => ['harrier-quarter'],
        '(red |black )?kites?' => ['kite-turn'],
        'hawks?|sparrow ?hawks?|goshawks?' => ['hawk-chase'],
        '(barn |tawny |short-eared |long-eared |snowy |eagle |little |great grey )?owls?' => ['owl-quarter', 'owl-perch'],
        'ducks?|mallards?|teals?|wigeons?|pintails?|drakes?' => ['duck-flight', 'duck-take-off', 'duck-landing'],
        'swans?' => ['swan-flight', 'swan-take-off', 'swan-landing'],
        'geese|goose' => ['goose-flight', 'goose-take-off', 'goose-landing'],
        'grebes?' => ['grebe-display'],
        'loons?' => ['diver-surface'],
        '(brown |mountain )?hares?' => ['hare-running', 'hare-boxing'],
        'rabbits?|bunn(y|ies)' => ['rabbit'],
        '(dog |red |arctic )?fox(es)?|vixens?' => ['fox-trot', 'fox-pounce', 'fox-run'],
        '(red |fallow )?deer|hinds?' => ['red-deer-run', 'roe-leap'],
        'roe( deer| bucks?| does?)?' => ['roe-leap'],
        'stags?' => ['stag-rut', 'red-deer-run'],
        '(red |grey )?squirrels?' => ['squirrel-run', 'squirrel-leap'],
        'stoats?|weasels?|martens?' => ['stoat'],
        'badgers?' => ['badger'],
        '(wild )?boars?' => ['boar-run'],
        'wol(f|ves)' => ['wolf-run'],
        '(brown )?bears?' => ['bear-fishing'],
        'ibex(es)?|chamois|mountain goats?' => ['ibex-leap'],
        'elephants?' => ['elephant-walk'],
        'whales?' => ['whale-breach'],
        '(sea |dog |river )?otters?' => ['otter-swim'],
        '(grey |common |harbour |elephant |fur )?seals?|sea ?lions?|walrus(es)?' => ['seal-swimming'],
        'dolphins?|porpoises?' => ['dolphin-leap'],
        'bats?|flying fox(es)?' => ['bat'],
        'antelopes?|gazelles?|impalas?' => ['antelope-run'],
        'cheetahs?|lions?|lioness(es)?|leopards?|tigers?|big cats?' => ['big-cat-sprint'],
        'cats?|kittens?' => ['cat-pounce'],
        'dogs?|pupp(y|ies)|retrievers?|collies?|terriers?|spaniels?|labradors?|sheep ?dogs?|lurchers?|poodles?|setters?|hounds?|beagles?|dachshunds?|dalmatians?|bird dogs?|gun ?dogs?|dog team' => ['dog-fetch', 'dog-jump', 'dog-catch'],
        'sled dogs?|huskies' => ['dog-sled'],
        'dragonfl(y|ies)|damselfl(y|ies)' => ['dragonfly'],
        'butterfl(y|ies)' => ['butterfly'],
        '(bumble)?bees?' => ['bumblebee'],
        'hawk-?moths?|hummingbird hawk-?moths?' => ['hawk-moth'],
        '(cyclo-?cross )?riders?' => ['rider-flat', 'rider-barriers', 'rider-hairpin', 'rider-sprint', 'rider-run-up', 'rider-line'],
        'cyclists?|road cyclists?|peloton' => ['road-cyclist'],
        'track cyclists?' => ['track-cyclist'],
        'mountain bikers?|mountain bikes?' => ['mountain-biker'],
        'bmx( riders?)?' => ['bmx-jump'],
        'motocross( riders?| bikes?)?' => ['motocross-jump'],
        '(race |racing )?motorcycles?|motorbikes?|superbikes?|road race bikes?|racing motorbikes?' => ['road-race-bike'],
        'rally cars?' => ['rally-car'],
        '(race |racing |sports |fast |touring )?cars?' => ['race-car', 'race-car-bend'],
        '(go-?)?karts?' => ['kart'],
        'trains?|locomotives?' => ['train'],
        '(aero)?planes?|aircraft|biplanes?|jets?' => ['aeroplane-pass', 'propeller-landing'],
        'power ?boats?|speed ?boats?' => ['powerboat'],
        '(marathon )?runners?' => ['runner', 'runner-line'],
        'sprinters?' => ['sprinter', 'sprint-start'],
        'hurdlers?' => ['hurdler'],
        'long jumpers?|triple jumpers?' => ['long-jumper'],
        'high jumpers?' => ['high-jumper'],
        'pole vaulters?' => ['pole-vaulter'],
        '(javelin |discus |hammer )?throwers?|shot putters?|javelin|discus' => ['thrower'],
        'swimmers?' => ['swimmer-front', 'swimmer-side', 'swim-start'],
        'divers?' => ['diver', 'diver-surface'],
        'gymnasts?' => ['gymnast-tumble'],
        'dancers?|ballerinas?|break ?dancers?' => ['dancer-leap'],
        'child(ren)?|kids?|toddlers?|my (son|daughter)' => ['child-running'],
        'boxers?' => ['boxer'],
        'fencers?' => ['fencer'],
        'footballers?|football players?|soccer players?|strikers?|wingers?' => ['footballer-run', 'footballer-sprint'],
        'goalkeepers?|keepers?|goalies?' => ['goalkeeper-dive'],
        'rugby( players?)?' => ['rugby-run'],
        'handball( players?)?' => ['handball-jump'],
        'tennis players?|tennis match|tennis|badminton( players?)?|squash( players?)?|racket players?' => ['racket-player', 'tennis-serve'],
        'basketball( players?)?' => ['basketball-dunk'],
        'volleyball( players?)?' => ['volleyball-spike'],
        '(cricket |fast )?bowlers?|cricketers?' => ['bowler'],
        '(baseball |cricket )?batters?|batsman|batsmen' => ['batter'],
        'golfers?|golf' => ['golfer'],
        '(ice )?hockey( players?)?' => ['hockey-ice'],
        'skiers?|ski racers?|slalom racers?' => ['skier-gate'],
        'cross-?country skiers?' => ['cross-country-skier'],
        'ski jumpers?' => ['ski-jumper'],
        'snowboarders?' => ['snowboarder-jump'],
        'speed skaters?' => ['speed-skater'],
        'figure skaters?' => ['figure-skater'],
        'surfers?' => ['surfer'],
        'kite ?surfers?|wind ?surfers?' => ['kite-surfer'],
        'kayak(er)?s?|canoe(ist)?s?' => ['kayaker'],
        'rowers?|rowing boats?|rowing eights?|coxed eights?|coxed fours?|scullers?' => ['rower'],
        'sail(ing )?boats?|sailing dingh(y|ies)|dingh(y|ies)|yachts?' => ['sailing-boat'],
        'race ?horses?|jockeys?' => ['horse-gallop'],
        'show ?jumpers?' => ['horse-jump'],
        'dressage( horses?| riders?)?' => ['horse-dressage'],
        'horses?|pon(y|ies)' => ['horse-loose', 'horse-gallop', 'horse-jump', 'horse-dressage'],
        'foals?' => ['foal'],
        'polo( players?| ponies)?' => ['polo-player'],
        'skateboarders?|skaters?' => ['skateboarder'],
    ];

    private const LEAVING = '(taking|lifting|jumping|flying) off|takes? off|take-?off|leav(es|ing)|springing up|bursting (up|off)|flush(ed|ing)';

    private const LANDING = 'landing|lands?|touching down|settling';

    private const STRIKING = 'striking|strikes?|taking a fish|catching a fish|hitting the water|fishing';

    /** What it is doing. */
    public const DOING = [
        'puffin-take-off' => self::LEAVING, 'puffin-landing' => self::LANDING, 'puffin-flight' => 'coming in|in flight|flying',
        'gannet-plunge' => 'plung(es?|ing)|diving|dives?', 'gannet-glide' => 'glid(es?|ing)|along the (edge|cliff)|hanging',
        'tern-plunge' => 'plung(es?|ing)|diving|dives?', 'tern-hover' => 'hover(s|ing)?',
        'gull-landing' => self::LANDING, 'gull-turn' => 'turn(s|ing)|wheeling|circling',
        'heron-take-off' => self::LEAVING, 'heron-landing' => self::LANDING, 'heron-strike' => self::STRIKING, 'heron-flight' => 'flying|in flight|rowing past',
        'fulmar-glide' => 'along the (edge|cliff)|glid(es?|ing)|hanging', 'skua-swoop' => 'swoop(s|ing)?|attacking|dive-?bombing',
        'pelican-landing' => self::LANDING, 'penguin-leap' => '(leaping|jumping|coming) (from|out of) the (water|sea)|leaping', 'wader-feeding' => 'feeding|walking|probing|running',
        'small-wader-flock' => 'turn(s|ing)|wheeling|flying|in flight', 'oystercatcher' => 'calling( past)?',
        'pipit-perched' => 'perched|on a (fence )?post|on a perch|sitting', 'songbird-take-off' => self::LEAVING, 'songbird-landing' => self::LANDING,
        'songbird-singing' => 'singing|perched|on a perch|on its post', 'songbird-flight' => 'in flight|flying|bounding', 'tit-feeder' => '(to|at|from|on) the feeder',
        'swallow' => 'hunting|skimming', 'swift' => 'screaming( past)?', 'kingfisher-dive' => 'div(es|ing)|plung(es|ing)|fishing', 'kingfisher-hover' => 'hover(s|ing)?', 'kingfisher-flight' => 'along the (stream|river|brook)|flying',
        'woodpecker-flight' => 'bounding|flying', 'crow-flight' => 'flying|rowing', 'pigeon-burst' => self::LEAVING, 'grouse-flush' => self::LEAVING, 'pheasant-flush' => self::LEAVING,
        'starling-cloud' => 'wheeling|in a cloud|turning|murmuration', 'crane-flight' => 'flying( past)?|in flight|passing', 'crane-dance' => 'danc(es?|ing)|displaying', 'stork-landing' => self::LANDING.'|on the nest',
        'lark-song' => 'climbing|singing|in song', 'hummingbird' => 'at (a|the) flowers?|hovering', 'buzzard-soar' => 'soar(s|ing)?|circling', 'eagle-soar' => 'soar(s|ing)?|circling|gliding',
        'eagle-take-off' => self::LEAVING, 'eagle-strike' => self::STRIKING, 'osprey-strike' => self::STRIKING.'|diving', 'falcon-stoop' => 'stoop(s|ing)?', 'falcon-flight' => 'hunting|flying',
        'kestrel-hover' => 'hover(s|ing)?', 'harrier-quarter' => 'quartering|hunting', 'kite-turn' => 'turn(s|ing)|circling', 'hawk-chase' => 'chasing|hunting',
        'owl-quarter' => 'quartering|hunting', 'owl-perch' => 'leaving (its|the|a) perch|off (its|the|a) perch|'.self::LEAVING,
        'duck-take-off' => self::LEAVING, 'duck-landing' => self::LANDING, 'duck-flight' => 'in flight|flying', 'swan-take-off' => self::LEAVING.'|running over the water', 'swan-landing' => self::LANDING, 'swan-flight' => 'flying|in flight',
        'goose-take-off' => self::LEAVING, 'goose-landing' => self::LANDING, 'goose-flight' => 'flying|in flight|in a skein|overhead|over', 'grebe-display' => 'displaying|swimming', 'diver-surface' => 'surfac(es|ing)|coming up',
        'hare-boxing' => 'box(es|ing)|fighting', 'hare-running' => 'bolt(s|ing)?|running|sprinting', 'rabbit' => 'dash(es|ing)|running', 'fox-pounce' => 'pounc(es?|ing)|mousing', 'fox-run' => 'running|sprinting', 'fox-trot' => 'trot(s|ting)|walking',
        'red-deer-run' => 'running|galloping', 'roe-leap' => 'bounding|leaping|jumping', 'stag-rut' => 'roar(s|ing)|rutting|walking( and roaring)?', 'squirrel-leap' => 'leap(s|ing)|jumping', 'squirrel-run' => 'along (a|the) branch|running',
        'stoat' => 'hunting|running', 'badger' => 'trot(s|ting)|walking', 'boar-run' => 'running', 'wolf-run' => 'running', 'bear-fishing' => 'fishing', 'ibex-leap' => 'leaping|jumping', 'elephant-walk' => 'walking|charging', 'whale-breach' => 'breach(es|ing)',
        'otter-swim' => 'swimming', 'seal-swimming' => 'swimming', 'dolphin-leap' => 'leaping|jumping', 'bat' => 'along the hedge|hunting', 'antelope-run' => 'running|fleeing', 'big-cat-sprint' => 'sprint(s|ing)|running|hunting|charging', 'cat-pounce' => 'pounc(es?|ing)|leaping',
        'dog-fetch' => 'running|fetching', 'dog-jump' => 'over (a|the) (jump|hurdle|bar)|jumping', 'dog-catch' => 'catching (a|the|its) (frisbee|disc|ball)|leaping', 'dragonfly' => 'patrolling|flying', 'butterfly' => 'fluttering|flying', 'bumblebee' => 'at (a|the) flowers?|flying', 'hawk-moth' => 'at (a|the) flowers?|hovering',
        'rider-barriers' => '(over|at) the (barriers?|planks|boards)', 'rider-hairpin' => '(through|round|in|out of) (a|the) (muddy )?hairpin', 'rider-sprint' => 'sprint(s|ing)?( for the line)?', 'rider-run-up' => 'running (up|uphill)|up the (bank|steps|slope)', 'rider-line' => '(at|over) the (finish(ing)? )?line', 'rider-flat' => 'at speed',
        'road-cyclist' => 'in (the|a) (bunch|peloton|pack)', 'track-cyclist' => 'on the (banking|track)', 'mountain-biker' => 'in the air|jumping', 'bmx-jump' => 'jump(s|ing)?|in the air', 'motocross-jump' => 'jump(s|ing)?|in the air', 'rally-car' => 'on gravel',
        'race-car-bend' => '(in|out of|through|round) (a|the) (slow |tight )?(bend|corner|hairpin)', 'race-car' => 'on the straight', 'train' => 'at (full )?speed', 'aeroplane-pass' => 'low pass|passing|fly-?past', 'propeller-landing' => self::LANDING, 'dog-sled' => 'pulling',
        'runner-line' => '(at|over) the (finish(ing)? )?line', 'sprint-start' => 'out of the blocks|starting|at the start', 'sprinter' => 'at top speed|top speed', 'high-jumper' => 'over the bar', 'pole-vaulter' => 'over the bar', 'long-jumper' => 'taking off|take-?off', 'thrower' => 'letting go|throwing',
        'swimmer-side' => 'from the side|side[- ]on', 'swimmer-front' => 'towards|head[- ]on|coming', 'swim-start' => 'off the blocks?|starting', 'diver' => 'off the (board|tower|platform)', 'gymnast-tumble' => 'tumbling', 'dancer-leap' => 'leap(s|ing)|jumping', 'child-running' => 'running|playing',
        'boxer' => 'punching|fighting', 'fencer' => 'lung(es?|ing)', 'footballer-sprint' => 'breaking away|sprinting', 'footballer-run' => 'with the ball|dribbling|running', 'goalkeeper-dive' => 'div(es|ing)', 'rugby-run' => 'with the ball|running', 'handball-jump' => 'jump shots?|jumping|shooting',
        'tennis-serve' => 'serv(es?|ing)', 'racket-player' => 'striking|hitting|playing', 'basketball-dunk' => 'dunk(s|ing)?|at the basket|jumping', 'volleyball-spike' => 'spik(es?|ing)|smash(es|ing)?', 'bowler' => 'bowling', 'batter' => 'swing(s|ing)?|batting', 'golfer' => 'swing(s|ing)?|driving|teeing off', 'hockey-ice' => 'skating',
        'skier-gate' => '(through|at|round) (a|the) gates?', 'snowboarder-jump' => 'in the air|jumping', 'speed-skater' => 'skating', 'figure-skater' => 'jumping|spinning', 'surfer' => 'turning|riding', 'kite-surfer' => 'jumping|in the air', 'kayaker' => 'in white ?water|paddling', 'rower' => 'rowing', 'sailing-boat' => 'heeling|racing|sailing',
        'horse-gallop' => 'galloping|at the gallop|racing', 'horse-jump' => 'over (a|the) (fence|jump|hurdle|ditch)|jumping', 'horse-dressage' => 'trotting', 'horse-loose' => '(galloping |running )?(free|loose)', 'foal' => 'galloping( about)?|playing', 'polo-player' => 'striking|hitting', 'skateboarder' => 'in the air|jumping', 'kart' => 'racing', 'ski-jumper' => 'in flight|in the air', 'cross-country-skier' => 'skating|climbing', 'powerboat' => 'racing',
    ];

    /**
     * What else a subject is called, plainly, for whoever searches: “peregrine” for a falcon.
     *
     * @return list<string>
     */
    public static function alsoCalled(string $id): array
    {
        $called = [];
        foreach (self::NAMES as $pattern => $ids) {
            if (in_array($id, $ids, true)) {
                // Of endings and spellings the first is enough.
                $plain = (string) preg_replace(['~\\((\\w+)(?:\\|\\w+)*\\)(?!\\?)~', '~\\w\\?|\\[[^]]*\\]~', '~\\(([^()]*)\\)\\?~'], ['$1', '', ''], $pattern);
                $called = [...$called, ...array_map(trim(...), explode('|', str_replace(['(', ')', '?'], '', $plain)))];
            }
        }

        return array_values(array_unique(array_filter($called, static fn (string $word): bool => $word !== '')));
    }
}
