<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Light\Lamps;
use RushHold\Quantity;
use RushHold\Said;

/**
 * Wordings that say something of the way, the surroundings, the light or the person, with the field and the value they
 * stand for. The longer wording comes before the shorter one; of two that speak of one field the first in this list
 * holds. Values are middling ones of their kind; whoever knows better sets the field.
 */
final class Phrases
{
    private const ME = '(?:me|us|you|(?:the |my |our )?(?:camera|lens|hide|blind))';

    private const BEND = '(?:bend|corner|curve|turn)';

    /**
     * What stands before or around a subject, with the share of the view that it takes and how near to the subject it
     * stands.
     */
    private const CLUTTER = [
        'grass(?:es)?|corn|crops|wheat|barley' => [0.3, 0.85],
        'reeds?|rushes|sedge' => [0.35, 0.85],
        'twigs?|thicket|hedgerow' => [0.35, 0.8],
        'branch(?:es)?|leaves|foliage|canopy' => [0.3, 0.8],
        'gorse|bracken|brambles?|bush(?:es)?|scrub|undergrowth' => [0.35, 0.8],
        'heather|lavender|campion|thrift|flowers?|bluebells?|ferns?|buttercups?' => [0.25, 0.85],
        'trees?|trunks?' => [0.25, 0.6],
    ];

    private const THICK = ['tall|thick|dense|high|deep' => 1.4, 'thin|light|low|short|sparse|some|a few' => 0.5];

    public static function read(Line $line): void
    {
        foreach (self::before() as $pattern => $fields) {
            self::one($line, $pattern, $fields);
        }
        self::clutter($line);
        foreach (self::after() as $pattern => $fields) {
            self::one($line, $pattern, $fields);
        }
    }

    /** @param  list<array{string, mixed, Said}>  $fields  the first has the wording, the others come with it */
    private static function one(Line $line, string $pattern, array $fields): void
    {
        $pattern = "(?<![\\p{L}\\d'’-])(?:$pattern)(?![\\p{L}\\d'’])";
        // Said twice in other words it is the same.
        while (($found = $line->find($pattern)) !== null) {
            foreach ($fields as [$field, $value, $says]) {
                $line->understand(new Piece($found[0], $found[1], $field, $value, $says));
            }
            $line->take($found[0], $found[1]);
        }
    }

    private static function clutter(Line $line): void
    {
        $thick = implode('|', array_keys(self::THICK));
        foreach (self::CLUTTER as $plants => [$share, $ratio]) {
            $found = $line->find(
                "(?<![\\p{L}-])(?:through|among(?:st)?|(?:deep )?in(?:side)?(?: of)?|within|hidden (?:by|in|behind)|behind|from|between|out of|past|at|along)(?: the| a| an| its)?(?: (?<thick>$thick))?(?: (?:dry|green|wet|long|dead|yellow|golden|summer|winter|bare|young|swaying|dewy))* (?:$plants)\\b",
            );
            if ($found !== null) {
                foreach (self::THICK as $words => $factor) {
                    $share *= preg_match("~^(?:$words)$~i", $found[2]['thick'] ?? '') === 1 ? $factor : 1;
                }
                $line->understand(
                    new Piece(
                        $found[0],
                        $found[1],
                        'scene.front_clutter',
                        round($share, 2),
                        Said::of('read.clutter', covered: Quantity::share($share)),
                    ),
                );
                $line->understand(new Piece($found[0], $found[1], 'scene.front_ratio', $ratio));
            }
        }
    }

    /** @return array<string, list<array{string, mixed, Said}>> */
    private static function before(): array
    {
        $sky = [
            ['scene.background_m', 2000.0, Said::of('read.sky')],
            ['scene.background_texture', 0.02, Said::of('read.sky')],
            ['scene.background_alike', 0.0, Said::of('read.sky')],
        ];
        $crowd = [
            ['scene.background_alike', 0.6, Said::of('read.among')],
            ['scene.background_texture', 0.6, Said::of('read.among')],
        ];
        $heading = static fn (float $deg, string $said): array => [['path.heading_deg', $deg, Said::of("read.$said")]];

        return [
            // Others and what is behind, before “crossing” and “behind” mean the subject.
            '(?:others|players|people|walkers|spectators|riders|traffic|cars?) (?:\w+ )?(?:crossing|passing|walking|running)?(?: in)? ?(?:in front|before (?:it|him|her|them))' => [
                ['scene.obstacles_per_s', 0.6, Said::of('read.crossed')],
                ['scene.obstacle_s', 0.35, Said::of('read.crossed')],
            ],
            '(?:others|other (?:players|riders|runners|people|dogs|horses)|opponents|defenders|people|players|walkers) (?:keep |are |always )?(?:crossing|passing|cutting across|running across|getting in the way|in the way)' => [
                ['scene.obstacles_per_s', 0.6, Said::of('read.crossed')],
                ['scene.obstacle_s', 0.35, Said::of('read.crossed')],
            ],
            'in front of (?:the |a )?(?:crowd|spectators|stands?|public)|(?:crowd|spectators|stands) behind(?: it| him| her| them)?' => [
                ['behind_m', 15.0, Said::of('read.busy')],
                ['scene.background_texture', 0.75, Said::of('read.busy')],
            ],
            'among(?:st)? (?:the )?(?:others|other \w+|players)|in (?:a|the) (?:crowd|bunch|pack|peloton|flock|herd|group|scrum)' => $crowd,
            '(?:against|before) (?:the |a )?(?:(?:clear|blue|plain|grey|white|open|empty|bright) )?sky|(?:blue|clear) sky|overhead' => $sky,
            'out of (?:the |a )?woods?|(?:against|before|in front of) (?:the |a )?(?:dark )?(?:woods?|trees?|forest|hedges?|bushes|wood edge|wood’s edge)|(?:woods?|trees?|forest|hedge|bushes) (?:right |close )?behind(?: it| him| her| them)?' => [
                ['behind_m', 20.0, Said::of('read.wood')],
                ['scene.background_texture', 0.6, Said::of('read.wood')],
            ],
            '(?:against|before|in front of) (?:the |a )?(?:cliffs?|rocks?|wall|houses?|scree|hillside|hill|slope)' => [
                ['behind_m', 25.0, Said::of('read.rock')],
                ['scene.background_texture', 0.5, Said::of('read.rock')],
            ],
            'against (?:the |a )?(?:sea|water|ocean|waves)' => [
                ['behind_m', 200.0, Said::of('read.sea')],
                ['scene.background_texture', 0.3, Said::of('read.sea')],
                ['scene.surface', 'water', Said::of('read.water')],
            ],
            // Where it goes.
            'quarter(?:ing|s) (?:away|off)' => $heading(145.0, 'quarter-away'),
            'quarter(?:ing|s) (?:towards?|in|to) '.
            self::ME.
            '|quarter(?:ing|s) (?:towards|in)|diagonally|at an angle|obliquely' => $heading(35.0, 'quarter'),
            '(?:(?:comes?|coming|came|running|runs|straight|right|directly|flying|swimming|walking|riding) )*(?:to|towards?|at) '.
            self::ME.
            '|(?:straight )?head[- ]?on|(?:comes?|coming|flying|swooping) in(?: straight)?|incoming|inbound|approaching' => $heading(
                0.0,
                'towards',
            ),
            '(?:going|running|flying|heading|swimming|walking|riding|moving|straight) (?:straight )?away|away from '.
            self::ME.
            '|(?:flee(?:s|ing)?|mak(?:es|ing) off|with its back to '.
            self::ME.
            ')' => $heading(180.0, 'away'),
            // Whatever it does, and then “away”; who breaks away is not going away.
            '(?<=ing )(?<!breaking )(?<!getting )(?:straight |right |fast )?away' => $heading(180.0, 'away'),
            '(?:coming |heading |going |running |flying )?(?:my|our|your) way' => $heading(0.0, 'towards'),
            '(?:from )?(?:the )?right to (?:the )?left|to the left|leftwards?' => $heading(-90.0, 'left'),
            '(?:from )?(?:the )?left to (?:the )?right|to the right|rightwards?' => $heading(90.0, 'right'),
            'from (?:the |my |our )?right(?: side| hand side)?' => $heading(-90.0, 'left'),
            'from (?:the |my |our )?left(?: side| hand side)?' => $heading(90.0, 'right'),
            '(?<=ing )by' => $heading(90.0, 'across'),
            // How it comes and how often.
            '(?:and )?(?:again and again|again every lap|every lap|each lap|lap after lap|every time round|repeatedly|over and over|again every time|the same way each time|comes? (?:round|back) (?:again|each time)|(?:always |to )+(?:the )?same (?:perch|place|spot|line|branch|post|fence|way|rock|hole|burrow)|(?:the )?same (?:perch|place|spot|line|branch|post|fence|way|rock|hole|burrow) (?:each|every) time|same again|(?:from |at |to |on )?(?:its |the |her |his )?(?:usual|favou?rite) (?:branch|perch|post|spot|place|rock|stump)|back and forth|to and fro|every few seconds|in and out)' => [
                ['path.repeats', true, Said::of('read.repeats')],
            ],
            'bolt(?:s|ing)?|flush(?:es|ing|ed)?|(?:burst|explod|erupt)(?:s|ing|ed)? (?:out of|from|up)|(?:i )?never saw (?:it|him|her|them) coming|(?:at|from under|by) my feet|before i (?:knew|saw) it|in an instant|(?:surprised|startled|caught out) by|without (?:any )?(?:warning|notice)|no (?:warning|notice)|suddenly|(?:all )?of a sudden|by surprise|out of nowhere|unexpected(?:ly)?' => [
                ['path.notice_s', 0.3, Said::of('read.sudden')],
            ],
            '(?:perch|pit|place|line|spot|nest|burrow|feeder|landing) (?:is )?known|(?:i )?know (?:when|where)|expected|on the signal|waiting for it' => [
                ['path.notice_s', 5.0, Said::of('read.expected')],
            ],
            // Up, before “off the water” is only the ground.
            '(?:lift(?:s|ing)?|go(?:es|ing)|climb(?:s|ing)?|ris(?:es|ing)|jump(?:s|ing)?|tak(?:es|ing)|shoot(?:s|ing)|spring(?:s|ing)?|leap(?:s|ing)?) (?:straight|vertically|steeply|almost straight) (?:off|up)|straight up|vertically|steeply up' => [
                ['path.climb_deg', 65.0, Said::of('read.steep-up')],
            ],
            // The ground.
            '(?:low )?(?:over|on|in|along|above|into|onto|off|from) (?:the |a )?(?:open )?(?:water|sea|pond|lake|river|bay|loch|surf|pool|stream|harbour)|hitting the water' => [
                ['scene.surface', 'water', Said::of('read.water')],
            ],
            '(?:on|along|over|in) (?:the )?(?:beach|sands?|shore|dunes?)' => [
                ['scene.surface', 'sand', Said::of('read.sand')],
            ],
            '(?:on|over|in) (?:the |a )?(?:grass|meadow|fields?|pitch|lawn|turf|pasture|garden)' => [
                ['scene.surface', 'grass', Said::of('read.grass')],
            ],
            '(?:on|along|over) (?:the |a )?(?:road|tarmac|asphalt|street|runway)' => [
                ['scene.surface', 'asphalt', Said::of('read.road')],
            ],
            '(?:on|over|along|down) (?:the |a )?(?:rocks?|boulders|scree|shingle)' => [
                ['scene.surface', 'rock', Said::of('read.rocks')],
            ],
            'across (?:the |a )?(?:beach|sands?|shore)' => [
                ['path.heading_deg', 90.0, Said::of('read.across')],
                ['scene.surface', 'sand', Said::of('read.sand')],
            ],
            '(?:across|crossing) (?:the |a )?(?:meadow|fields?|grass|pitch|lawn|pasture|plain)' => [
                ['path.heading_deg', 90.0, Said::of('read.across')],
                ['scene.surface', 'grass', Said::of('read.grass')],
            ],
            'across (?:the |a )?(?:water|lake|pond|river|bay|sea)' => [
                ['path.heading_deg', 90.0, Said::of('read.across')],
                ['scene.surface', 'water', Said::of('read.water')],
            ],
            'across (?:the |a )?(?:road|track|street|ride|path|clearing|valley|gap)|across|crossing|side[- ]?on|(?:from|to) the side|sideways|broadside|parallel|passing(?: '.
            self::ME.
            ')?|(?:flying |calling |screaming |galloping |swimming |rowing )?past(?: '.
            self::ME.
            ')?|by me' => $heading(90.0, 'across'),
            // Bends, before “through” means clutter.
            '(?:(?:gets|comes|coming|goes|going) )?(?:out of|through|round|around|in|into) (?:a |the )?(?:\w+ )?hairpin' => [
                ['path.bend_radius_m', 6.0, Said::of('read.bend', metres: Quantity::length(6.0))],
            ],
            '(?:(?:gets|comes|coming|goes|going|leaning) )?(?:out of|through|round|around|in|into) (?:a |the )?(?:\w+ )?'.
            self::BEND.
            '|circling|wheeling' => [['bend', true, Said::of('read.bends')]],
            'zig-?zag(?:ging)?|jinking|erratic(?:ally)?|twisting|dodging' => [
                ['subject.erratic', 0.8, Said::of('read.erratic')],
            ],
            'stoop(?:s|ing)?|plung(?:es?|ing)|dropping like a stone' => [
                ['path.climb_deg', -55.0, Said::of('read.steep')],
            ],
            '(?:flying|running|heading|swimming|hopping|riding|walking|scuttling) off(?! the)' => $heading(
                145.0,
                'quarter-away',
            ),
            'steady|steadily|on a steady line' => [['subject.erratic', 0.05, Said::of('read.steady')]],
        ];
    }

    /** @return array<string, list<array{string, mixed, Said}>> */
    private static function after(): array
    {
        $sun = static fn (float $deg, string $said = 'read.sun'): array => [['sun_deg', $deg, Said::of($said)]];
        $ev = static fn (float $value): array => [
            ['light.ev100', $value, Said::of('read.light', ev: Quantity::figure($value))],
        ];
        $lamps = static fn (Lamps $lit): array => [
            ['light.ev100', $lit->ev100(), Said::of('read.lamps', ev: Quantity::figure($lit->ev100()))],
            ['light.lamps', $lit->value, Said::of('read.lamps', ev: Quantity::figure($lit->ev100()))],
        ];
        $sky = static fn (string $word): array => [['light.sky', $word, Said::of("read.$word")]];

        return [
            'back-?lit|against the (?:sun|light)|sun (?:is )?behind (?:it|him|her|them)|into the (?:sun|light)' => [
                ['scene.backlit', true, Said::of('read.backlit')],
            ],
            '(?:at |before |just before )?(?:first light|day ?break|dawn|before sunrise)' => $sun(-1.5),
            '(?:at |just after |after )?sun ?rise' => $sun(2.0),
            '(?:just |soon |shortly )?after (?:the )?(?:sun ?set|sun (?:has|had) (?:set|gone))' => $sun(-3.0),
            '(?:at |in the |before |just before )?(?:sun ?set|last light)' => $sun(0.5),
            '(?:at |in the )?(?:dusk|twilight|gloaming|night ?fall)' => $sun(-3.0),
            '(?:in the )?(?:late afternoon|early evening)(?: sun| light)?' => $sun(14.0),
            '(?:in )?harsh (?:light|sun)' => $sun(55.0),
            '(?:in |at )?(?:the )?golden hour|(?:in )?(?:the )?(?:flash of )?(?:low |late |evening |warm )+(?:sun|light)|in the evening|evening' => $sun(
                8.0,
            ),
            '(?:in the )?(?:early )?morning(?: sun| light)?' => $sun(15.0),
            '(?:in the )?afternoon(?: sun| light)?' => $sun(30.0),
            '(?:at )?(?:mid-?day|noon|high sun)' => $sun(55.0),
            'bright overcast|thin cloud' => [
                ['light.sky', 'overcast', Said::of('read.overcast')],
                ['sun_deg', 55.0, Said::of('read.overcast')],
            ],
            'bright snow|sun on snow' => $ev(15.5),
            '(?:in )?(?:soft|flat|diffused?|even) light|overcast|cloudy|grey(?: day| sky)?|dull(?: day)?|(?:light |heavy |steady |pouring )?(?:rain|drizzle|showers?)|raining' => $sky(
                'overcast',
            ),
            'hazy|broken cloud|partly cloudy|some cloud|sun and cloud' => $sky('partly'),
            '(?:in |through )?(?:the |a )?(?:dark|dense|deep|shady|gloomy|thick) (?:woods?|woodland|forest|wood|spruces?|pines?)' => $ev(
                8.0,
            ),
            '(?:in )?(?:the |dappled |light |deep |open )*shade|under (?:the )?(?:trees|canopy)|in the woods?' => [
                ['light.offset_stops', -3.0, Said::of('read.shade')],
            ],
            '(?:under |in )?(?:the )?(?:flood ?lights|stadium lights)|flood ?lit|under (?:the )?lights|(?:at |in a )?night (?:lights?|game|match|race|session|event)|evening kick-?off' => $lamps(
                Lamps::Floodlights,
            ),
            '(?:in |under )?(?:a |an |the )?(?:sports? hall|hall|gym(?:nasium)?|arena(?: lights)?|(?:ice )?rink|indoors?)' => $lamps(
                Lamps::Hall,
            ),
            '(?:on |in |across )?(?:a |the )?(?:concert |theatre )?(?:stage(?: lights?)?|theatre)' => $lamps(
                Lamps::Stage,
            ),
            '(?:under |by |in )?(?:the )?street ?(?:lamps?|lights?|lighting)' => $lamps(Lamps::Street),
            '(?:in the |by |at )?(?:moonlight|moon)' => $ev(-3.0),
            '(?:at |in the )?night|(?:in the )?dark' => $ev(-1.0),
            '(?:bright |full |in the |in )*(?:sun(?:ny|shine|light)?)|bright day' => $sun(40.0),
            'gale(?:s|-force)?|storm(?:y)?|very windy' => [['scene.wind', 0.9, Said::of('read.gale')]],
            '(?:in )?(?:a )?strong wind|windy|gust(?:y|ing|s)|squall(?:y|s)|blow(?:y|ing)(?: a lot| hard)?' => [
                ['scene.wind', 0.7, Said::of('read.windy')],
            ],
            '(?:in )?(?:a )?(?:light )?breeze|breezy' => [['scene.wind', 0.4, Said::of('read.breeze')]],
            '(?:in )?(?:still air|no wind|windless|(?:flat |dead )?calm)' => [
                ['scene.wind', 0.0, Said::of('read.calm')],
            ],
            '(?:in (?:the )?)?(?:thick |light )?(?:mist|fog|haze|misty|foggy)' => [
                ['subject.contrast', 0.3, Said::of('read.mist')],
            ],
            '(?:in|over|on|across) (?:the )?(?:fresh |deep )?snow' => [
                ['scene.background_texture', 0.1, Said::of('read.snow')],
            ],
            '(?:from |on )?(?:a |the |my )?tripod' => [['photographer.support', 'tripod', Said::of('read.tripod')]],
            '(?:from |on |with )?(?:a |the |my )?monopod' => [
                ['photographer.support', 'monopod', Said::of('read.monopod')],
            ],
            '(?:from |on |with )?(?:a |the |my )?bean ?bag' => [
                ['photographer.support', 'beanbag', Said::of('read.beanbag')],
            ],
            'hand-?held|hand holding' => [['photographer.support', 'handheld', Said::of('read.handheld')]],
            '(?:lying|prone|crawling up)(?: down| flat| on (?:the|my) (?:bank|ground|belly|mat|beach))*' => [
                ['photographer.support', 'prone', Said::of('read.prone')],
            ],
            '(?:freez(?:e|ing) )(?:the |its )?(?:wings?(?: tips)?|wing tips|limbs|legs|feet|arms)|(?:wings?|limbs|feet|legs) (?:frozen|sharp)' => [
                ['photographer.freeze', 'limbs', Said::of('read.limbs')],
            ],
            'for (?:a |the )?print(?:ing|s)?' => [['final_use', 'print', Said::of('read.print')]],
            'for (?:a |the |my )?(?:web|screen|phone|site|social media)' => [
                ['final_use', 'screen', Said::of('read.screen')],
            ],
            '(?:just |still |quietly )*(?:standing(?: still)?|sitting|resting|grazing|sleeping|motionless|keeping still|hovering|hanging in the air)' => [
                ['pace', 'still', Said::of('read.still')],
            ],
            '(?:flat out|(?:at )?(?:full|top) speed|very fast|fast|quick(?:ly)?|as fast as it (?:goes|can))' => [
                ['pace', 'fast', Said::of('read.fast')],
            ],
            '(?:quite |very |rather )?slow(?:ly)?|at a walk' => [['pace', 'slow', Said::of('read.slow')]],
        ];
    }
}
