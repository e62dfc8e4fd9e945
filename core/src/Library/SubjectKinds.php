<?php

declare(strict_types=1);

namespace RushHold\Library;

/**
 * What people say of a sport or a kind of animal without naming who is coming, each with those of the library it is likely to be:
 * the first where nothing else is said. All are patterns without case.
 */
final class SubjectKinds
{
    /** So many are offered where it is not sure who is meant. */
    public const OFFERED = 6;

    /** A sport is sure enough to plan with its usual athlete; who else it may be is offered beside. */
    public const SPORTS = [
        '(?:bi(?:cycle|ke)|cycle|cycling|road) ?rac(?:es?|ing)|cycling|criteriums?|time trials?|peloton|cycle tour|stage race' => ['road-cyclist', 'rider-sprint', 'track-cyclist', 'rider-line', 'mountain-biker', 'bmx-jump'],
        'velodrome(?: sprint)?|track cycling' => ['track-cyclist'],
        'cyclo-?cross|cx race' => ['rider-flat', 'rider-barriers', 'rider-hairpin', 'rider-sprint', 'rider-run-up', 'rider-line'],
        'mountain bik(?:ing|e race)|downhill (?:bik(?:e|ing)|race)|enduro' => ['mountain-biker', 'bmx-jump', 'motocross-jump'],
        '(?:american )?football(?: match(?:es)?| game| training| practice)?|soccer(?: match(?:es)?| game)?|futsal|kick-?about' => ['footballer-run', 'footballer-sprint', 'goalkeeper-dive', 'child-running', 'rugby-run', 'handball-jump'],
        'rugby(?: match(?:es)?| game)?|line-?outs?|scrums?|rucks?|mauls?' => ['rugby-run', 'footballer-sprint'],
        'hand ?ball(?: match(?:es)?| game)?|net ?ball' => ['handball-jump', 'basketball-dunk', 'volleyball-spike'],
        'basketball(?: match(?:es)?| game)?' => ['basketball-dunk', 'handball-jump', 'volleyball-spike'],
        '(?:beach )?volleyball(?: match(?:es)?| game)?' => ['volleyball-spike', 'handball-jump', 'basketball-dunk'],
        '(?:table )?tennis(?: match(?:es)?)?|badminton|squash|padel|pickleball' => ['racket-player', 'tennis-serve'],
        'cricket(?: match(?:es)?)?' => ['bowler', 'batter'],
        'baseball(?: game)?|softball' => ['batter', 'bowler'],
        '(?:ice |field )?hockey(?: match(?:es)?| game)?|lacrosse' => ['hockey-ice', 'footballer-run', 'rugby-run'],
        'golf(?: tournament)?' => ['golfer'],
        'athletics(?: meet(?:ing)?)?|track (?:and|&) field|track meet|sports? day' => ['sprinter', 'runner', 'hurdler', 'long-jumper', 'high-jumper', 'thrower'],
        '(?:half )?marathon|park ?run|fun run|road run|cross-?country (?:race|run)|orienteering' => ['runner', 'runner-line', 'child-running', 'sprinter'],
        'triathlon' => ['road-cyclist', 'runner', 'runner-line', 'swimmer-side'],
        '(?:100|200|400) ?(?:m|metres?|meters?) (?:sprint|race|dash|final)|sprint final' => ['sprinter', 'sprint-start', 'runner-line'],
        'hurdles(?: race)?' => ['hurdler', 'sprinter'],
        'high jump' => ['high-jumper'],
        'pole vault' => ['pole-vaulter'],
        '(?:long|triple) jump' => ['long-jumper'],
        'shot put' => ['thrower'],
        'swim(?:ming)? (?:meet|gala|race|competition)|swimming|back ?stroke|breast ?stroke|butterfly stroke|front crawl|freestyle heat' => ['swimmer-front', 'swimmer-side', 'swim-start', 'diver'],
        'high diving|platform diving|springboard' => ['diver'],
        'water polo' => ['swimmer-front', 'handball-jump'],
        'gymnastics|tumbling|trampolin(?:e|ing)|acrobat(?:s|ics)?|cheerleaders?' => ['gymnast-tumble', 'dancer-leap'],
        'ballet|dance (?:show|performance|recital|class)|dancing' => ['dancer-leap', 'gymnast-tumble', 'figure-skater'],
        'boxing|martial arts|karate|judo|taekwondo|wrestling|kick-?boxing' => ['boxer', 'fencer'],
        'fencing' => ['fencer', 'boxer'],
        '(?:horse|pony) shows?|show ?jumping|eventing|gymkhana|hunter trial' => ['horse-jump', 'horse-dressage', 'horse-gallop', 'horse-loose', 'polo-player', 'foal'],
        '(?:horse|flat) rac(?:es?|ing)|steeplechase|point-to-point' => ['horse-gallop', 'horse-jump'],
        'rodeo|bronc' => ['horse-loose', 'horse-gallop', 'horse-jump'],
        'dog agility|agility(?: course| trial| run)?|dog show' => ['dog-jump', 'dog-fetch', 'dog-catch'],
        'dog rac(?:es?|ing)|greyhounds?|whippets?|lure coursing' => ['dog-fetch', 'dog-jump'],
        'moto-?cross|supercross|speedway|trial bike' => ['motocross-jump', 'road-race-bike'],
        '(?:motor(?:bike|cycle)|superbike) rac(?:es?|ing)' => ['road-race-bike', 'motocross-jump'],
        '(?:car|motor|touring car|single-?seater) rac(?:es?|ing)|motorsports?|drifting|track day|hill ?climb' => ['race-car', 'race-car-bend', 'rally-car', 'kart', 'road-race-bike'],
        'rally(?:ing| stage)?' => ['rally-car', 'race-car-bend', 'mountain-biker'],
        'karting' => ['kart'],
        'air ?shows?|fly[- ]?past|aerobatics' => ['aeroplane-pass', 'propeller-landing'],
        'railway|steam engine' => ['train'],
        'figure skating|ice danc(?:ing|ers?)|pairs? skating' => ['figure-skater', 'dancer-leap'],
        'speed skating|short track' => ['speed-skater'],
        'skating|ice rink' => ['figure-skater', 'speed-skater', 'hockey-ice', 'skateboarder'],
        'skateboarding|skate ?park|roller ?blad(?:e|ing)|scooter' => ['skateboarder', 'bmx-jump'],
        'cross-?country skiing|biathlon|nordic' => ['cross-country-skier', 'skier-gate'],
        'ski jumping' => ['ski-jumper'],
        'skiing|ski rac(?:es?|ing)|slalom|downhill|super-?g' => ['skier-gate', 'snowboarder-jump', 'cross-country-skier', 'ski-jumper'],
        'snowboarding|half ?pipe|slopestyle' => ['snowboarder-jump', 'skier-gate'],
        'sled(?:ge)? dogs?|mushing' => ['dog-sled'],
        'regatta|sailing(?: race)?' => ['sailing-boat', 'rower', 'kite-surfer', 'powerboat'],
        'rowing(?: race)?' => ['rower', 'kayaker'],
        'surfing|surf contest' => ['surfer', 'kite-surfer'],
        'kite ?surfing|wind ?surfing|wing ?foil(?:ing)?' => ['kite-surfer', 'surfer'],
        'kayaking|canoeing|white ?water|rafting' => ['kayaker', 'rower'],
    ];

    /** Animals the library does not have, with those most like them in size and way: whoever names one is asked. */
    public const CREATURES = [
        'lapwings?|curlews?|whimbrels?|woodcocks?|snipes?|godwits?|stone-?curlews?' => ['oystercatcher', 'wader-feeding', 'small-wader-flock', 'pigeon-burst', 'grouse-flush'],
        'spoonbills?|ibis(?:es)?|bitterns?|flamingos?|hornbills?' => ['heron-flight', 'heron-take-off', 'heron-landing', 'crane-flight', 'stork-landing'],
        'vultures?|condors?' => ['eagle-soar', 'buzzard-soar', 'eagle-take-off', 'kite-turn'],
        'jays?|cuckoos?|orioles?|hoopoes?|bee-?eaters?|parrots?|parakeets?|cockatoos?' => ['woodpecker-flight', 'pigeon-burst', 'songbird-flight', 'crow-flight', 'songbird-take-off'],
        'moorhens?|coots?|water ?rails?|dippers?|goosanders?|mergansers?' => ['duck-flight', 'duck-take-off', 'grebe-display', 'duck-landing', 'diver-surface'],
        'nightjars?|swiftlets?' => ['swallow', 'owl-quarter', 'swift', 'bat'],
        'albatross(?:es)?|petrels?|frigate ?birds?|boob(?:y|ies)' => ['fulmar-glide', 'gannet-glide', 'gannet-plunge', 'gull-flight'],
        'turkeys?|pea(?:cocks?|fowl)|capercaillies?|bustards?|chickens?|hens?(?! (?:harrier|pheasant))|cockerels?' => ['pheasant-flush', 'grouse-flush', 'goose-flight', 'crane-dance'],
        'ostrich(?:es)?|emus?|rheas?|roadrunners?' => ['antelope-run', 'crane-dance', 'horse-loose'],
        'bisons?|buffalo(?:es)?|cows?|cattle|cal(?:f|ves)|bulls?(?! (?:elephant|seal|whale))|rhinos?|rhinoceros(?:es)?|hippos?|ox(?:en)?|moose|elks?|camels?' => ['elephant-walk', 'horse-loose', 'red-deer-run', 'boar-run', 'stag-rut'],
        'zebras?|giraffes?|wildebeests?|gnus?|okapis?|donkeys?|mules?|llamas?|alpacas?|reindeer|caribous?' => ['horse-loose', 'antelope-run', 'red-deer-run', 'foal', 'elephant-walk'],
        'sheep|lambs?|rams?|ewes?|goats?|pigs?|piglets?' => ['roe-leap', 'ibex-leap', 'boar-run', 'dog-fetch', 'foal'],
        'hyenas?|jackals?|coyotes?|wild dogs?|dingo(?:es)?' => ['wolf-run', 'fox-run', 'dog-fetch', 'big-cat-sprint'],
        '(?:water )?voles?|beavers?|muskrats?|minks?|coypus?|capybaras?|platypus(?:es)?' => ['otter-swim', 'stoat', 'rabbit', 'seal-swimming'],
        'meerkats?|mongooses?|mice|mouse|rats?|hedgehogs?|marmots?|chipmunks?|gophers?|prairie dogs?|raccoons?|ferrets?|polecats?|moles?|lemurs?|hamsters?' => ['stoat', 'squirrel-run', 'rabbit', 'squirrel-leap', 'badger'],
        'monkeys?|macaques?|baboons?|gorillas?|chimpanzees?|orang-?utans?|gibbons?' => ['squirrel-leap', 'child-running', 'big-cat-sprint', 'bear-fishing'],
        'kangaroos?|wallab(?:y|ies)' => ['roe-leap', 'hare-running', 'antelope-run', 'rabbit'],
        'lynx(?:es)?|wildcats?|bobcats?|jaguars?|pumas?|servals?|caracals?' => ['big-cat-sprint', 'cat-pounce', 'fox-trot', 'fox-pounce'],
        'frogs?|toads?|newts?|lizards?|geckos?|snakes?|crocodiles?|alligators?|turtles?|tortoises?' => ['rabbit', 'stoat', 'otter-swim', 'squirrel-leap', 'dragonfly'],
        'salmon|trout|sharks?|manta rays?|flying fish(?:es)?|fish(?! (?:eagle|owl))' => ['dolphin-leap', 'seal-swimming', 'penguin-leap', 'diver-surface'],
        'hoverfl(?:y|ies)|wasps?|hornets?|beetles?|ladybirds?|ladybugs?|grasshoppers?|crickets(?! match)|locusts?|cicadas?|fireflies|mosquito(?:e?s)?' => ['bumblebee', 'dragonfly', 'butterfly', 'hawk-moth'],
    ];

    /** Said like this it may be any of several quite unlike each other: whoever says it is asked. */
    public const VAGUE = [
        '(?:sea ?|shore ?|water ?)birds?|birds on the (?:cliff|shore)' => ['gull-flight', 'puffin-flight', 'gannet-glide', 'tern-hover', 'wader-feeding', 'cormorant-flight'],
        'raptors?|birds? of prey' => ['buzzard-soar', 'kestrel-hover', 'eagle-soar', 'falcon-flight', 'kite-turn', 'hawk-chase'],
        'wildfowl|waterfowl' => ['duck-flight', 'goose-flight', 'swan-flight', 'grebe-display', 'duck-landing', 'duck-take-off'],
        'garden birds?|feeder' => ['tit-feeder', 'songbird-flight', 'songbird-take-off', 'songbird-singing', 'pigeon-burst', 'woodpecker-flight'],
        'birds?' => ['songbird-flight', 'gull-flight', 'duck-flight', 'buzzard-soar', 'heron-flight', 'tit-feeder'],
        'insects?|bugs?|moths?' => ['bumblebee', 'butterfly', 'dragonfly', 'hawk-moth'],
        'safari|wildlife|big game' => ['big-cat-sprint', 'antelope-run', 'elephant-walk', 'bear-fishing', 'wolf-run', 'eagle-soar'],
        'animals?|mammals?|pets?' => ['dog-fetch', 'cat-pounce', 'fox-run', 'hare-running', 'red-deer-run', 'horse-loose'],
        'bikes?|bikers?' => ['road-cyclist', 'mountain-biker', 'bmx-jump', 'motocross-jump', 'road-race-bike', 'rider-flat'],
        'boats?' => ['sailing-boat', 'rower', 'powerboat', 'kayaker'],
        'gliders?|paragliders?|hang ?gliders?|(?:hot[ -]air )?balloons?|drones?|helicopters?|parachut(?:es?|ists?)|sky ?divers?|rockets?' => ['aeroplane-pass', 'propeller-landing', 'kite-surfer'],
        'vehicles?|trucks?|lorr(?:y|ies)|tractors?|bus(?:es)?' => ['race-car', 'rally-car', 'train', 'kart'],
        '(?:son|daughter|boy|girl|grand(?:son|daughter|child)|baby)(?:’s|\'s|s)?|school' => ['child-running', 'footballer-run', 'gymnast-tumble', 'dancer-leap', 'swimmer-front', 'runner'],
        'brides?|grooms?|couples?|weddings?|famil(?:y|ies)|models?' => ['child-running', 'runner', 'dancer-leap', 'runner-line'],
        'guitarists?|singers?|drummers?|musicians?|bands?|concerts?|gigs?|actors?|jugglers?' => ['dancer-leap', 'gymnast-tumble', 'boxer', 'runner'],
        'archers?|archery|curlers?|curling|bowls|darts|weight ?lifters?|weight ?lifting|croquet' => ['golfer', 'thrower', 'bowler', 'fencer'],
        'climbers?|rock climbing|bouldering|parkour|free ?runners?|acrobats?|stunts?' => ['gymnast-tumble', 'dancer-leap', 'skateboarder', 'high-jumper'],
        'relay|hand-?over|baton' => ['sprinter', 'runner', 'swimmer-front', 'runner-line'],
        'match(?:es)?|games?|players?|team' => ['footballer-run', 'rugby-run', 'basketball-dunk', 'racket-player', 'hockey-ice', 'volleyball-spike'],
        'rac(?:es?|ing)|sprint|finish' => ['sprinter', 'rider-sprint', 'road-cyclist', 'horse-gallop', 'race-car', 'runner-line'],
        'athletes?|sports?|people|person|man|woman|someone|somebody' => ['runner', 'footballer-run', 'road-cyclist', 'gymnast-tumble', 'child-running', 'skier-gate'],
    ];

    /** Nobody said who: by what it does, or anybody. */
    public const DOING = [
        'fl(?:y|ies|ying)|flight|swoop\w*|glid\w*|soar\w*|hover\w*|perch\w*|nest\w*|tak(?:es|ing) off|land(?:s|ing)' => ['songbird-flight', 'gull-flight', 'duck-flight', 'buzzard-soar', 'heron-flight', 'kestrel-hover'],
        'gallop\w*|trot\w*|bolt\w*|pounc\w*|graz\w*|prowl\w*' => ['hare-running', 'horse-loose', 'red-deer-run', 'fox-run', 'dog-fetch', 'antelope-run'],
        'swim\w*|div(?:es?|ing)|surfac\w*|breach\w*' => ['swimmer-front', 'otter-swim', 'seal-swimming', 'dolphin-leap', 'diver', 'duck-flight'],
        'skat\w*|ski\w*' => ['figure-skater', 'speed-skater', 'hockey-ice', 'skier-gate', 'cross-country-skier', 'skateboarder'],
        'rid(?:es|ing)|pedal\w*' => ['road-cyclist', 'mountain-biker', 'horse-jump', 'horse-gallop', 'motocross-jump', 'rider-flat'],
        'driv(?:es|ing)|lap' => ['race-car', 'race-car-bend', 'rally-car', 'kart', 'road-race-bike', 'motocross-jump'],
        'run(?:s|ning)?|jump\w*|leap\w*|throw\w*|kick\w*' => ['runner', 'footballer-run', 'child-running', 'dog-fetch', 'hare-running', 'long-jumper'],
    ];

    public const ANYBODY = ['songbird-flight', 'gull-flight', 'dog-fetch', 'runner', 'road-cyclist', 'footballer-run'];
}
