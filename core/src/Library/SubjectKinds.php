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
        'velodrome|track cycling' => ['track-cyclist', 'rider-sprint'],
        'cyclo-?cross|cx race' => ['rider-flat', 'rider-barriers', 'rider-hairpin', 'rider-sprint', 'rider-run-up', 'rider-line'],
        'mountain bik(?:ing|e race)|downhill (?:bik(?:e|ing)|race)|enduro' => ['mountain-biker', 'bmx-jump', 'motocross-jump'],
        '(?:american )?football(?: match(?:es)?| game| training| practice)?|soccer(?: match(?:es)?| game)?|futsal|kick-?about' => ['footballer-run', 'footballer-sprint', 'goalkeeper-dive', 'child-running', 'rugby-run', 'handball-jump'],
        'rugby(?: match(?:es)?| game)?' => ['rugby-run', 'footballer-sprint'],
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
        'swim(?:ming)? (?:meet|gala|race|competition)|swimming' => ['swimmer-front', 'swimmer-side', 'swim-start', 'diver'],
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
        'air ?shows?|fly-?past|aerobatics' => ['aeroplane-pass', 'propeller-landing'],
        'railway|steam engine' => ['train'],
        'figure skating|ice dancing' => ['figure-skater', 'dancer-leap'],
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

    /** Said like this it may be any of several quite unlike each other: whoever says it is asked. */
    public const VAGUE = [
        '(?:sea ?|shore ?|water ?)birds?|birds on the (?:cliff|shore)' => ['gull-flight', 'puffin-flight', 'gannet-glide', 'tern-hover', 'wader-feeding', 'cormorant-flight'],
        'raptors?|birds? of prey' => ['buzzard-soar', 'kestrel-hover', 'eagle-soar', 'falcon-flight', 'kite-turn', 'hawk-chase'],
        'wildfowl|waterfowl' => ['duck-flight', 'goose-flight', 'swan-flight', 'grebe-display', 'duck-landing', 'duck-take-off'],
        'garden birds?|feeder' => ['tit-feeder', 'songbird-flight', 'songbird-take-off', 'songbird-singing', 'pigeon-burst', 'woodpecker-flight'],
        'birds?' => ['songbird-flight', 'gull-flight', 'duck-flight', 'buzzard-soar', 'heron-flight', 'tit-feeder'],
        'insects?|bugs?|moths?|wasps?|beetles?' => ['bumblebee', 'butterfly', 'dragonfly', 'hawk-moth'],
        'safari|wildlife|big game' => ['big-cat-sprint', 'antelope-run', 'elephant-walk', 'bear-fishing', 'wolf-run', 'eagle-soar'],
        'animals?|mammals?|pets?' => ['dog-fetch', 'cat-pounce', 'fox-run', 'hare-running', 'red-deer-run', 'horse-loose'],
        'bikes?|bikers?' => ['road-cyclist', 'mountain-biker', 'bmx-jump', 'motocross-jump', 'road-race-bike', 'rider-flat'],
        'boats?' => ['sailing-boat', 'rower', 'powerboat', 'kayaker'],
        'vehicles?|trucks?|lorr(?:y|ies)|tractors?|bus(?:es)?' => ['race-car', 'rally-car', 'train', 'kart'],
        '(?:son|daughter|boy|girl|grand(?:son|daughter|child)|baby)(?:’s|\'s|s)?|school' => ['child-running', 'footballer-run', 'gymnast-tumble', 'dancer-leap', 'swimmer-front', 'runner'],
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
