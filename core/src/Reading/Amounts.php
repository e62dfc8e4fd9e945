<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Light\Daylight;
use RushHold\Light\Sky;
use RushHold\Quantity;
use RushHold\Said;

/** Numbers with their units: distances, speeds, times, light, lens. */
final class Amounts
{
    private const WORDS = [
        'half a' => 0.5,
        'half an' => 0.5,
        'a hundred' => 100,
        'one hundred' => 100,
        'two hundred' => 200,
        'a dozen' => 12,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'twelve' => 12,
        'fifteen' => 15,
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
        'sixty' => 60,
        'seventy' => 70,
        'eighty' => 80,
        'ninety' => 90,
        'a' => 1,
    ];

    private const LENGTHS = [
        '(?:m|met(?:re|er)s?)(?![a-z/])' => 1.0,
        '(?:ft|feet|foot)\b|[\'′]' => 0.3048,
        '(?:yds?|yards?)\b' => 0.9144,
        '(?:km|kilomet(?:re|er)s?)\b(?!/)' => 1000.0,
        'cm\b' => 0.01,
        '(?:miles?|mi)\b(?! (?:an|per) hour|/)' => 1609.344,
    ];

    private const SPEEDS = [
        '(?:m/s|met(?:re|er)s? (?:a|per) second|mps)' => 1.0,
        '(?:km/?h|kph|kilomet(?:re|er)s? (?:an|per) hour)' => 1 / 3.6,
        '(?:mph|miles? (?:an|per) hour)' => 0.44704,
        '(?:knots?|kn|kts?)\b' => 0.514444,
    ];

    private const SECONDS = '(?:s|secs?|seconds?)(?![a-z])';

    private const BACKGROUNDS = '(?:the )?(?:background|trees?|woods?|forest|hedge|wall|cliffs?|rocks?|houses?)';

    /** Height of the midday sun at the equinox in middle latitudes, degrees. */
    private const MIDDAY_DEG = 38.5;

    /** What is called by a length that is not how far away it is. */
    private const EVENTS = '(?:60|100|110|200|400|800|1[,.]?500|3[,.]?000|5[,.]?000|10[,.]?000) ?(?:m|met(?:re|er)s?) (?=(?:final|race|heat|semi-?final|hurdle|runner|sprint|relay|dash|freestyle|backstroke|breaststroke|butterfly|medley|start))';

    private const BUILT = '(?:ten|five|three|twenty[- ]five|fifty|10|7[.,]5|5|3|25|50)[ -]?(?:m|met(?:re|er)s?) (?:platform|(?:spring)?board|tower|pool)';

    /**
     * How far the sun is below the horizon so many minutes after it has set, in middle latitudes, degrees each minute.
     */
    private const SUN_SINKS_DEG = 0.17;

    public static function read(Line $line): void
    {
        self::names($line);
        self::minutes($line);
        self::each(
            $line,
            self::SPEEDS,
            '(?:at |doing )?(?:about |some |roughly )?%s\s?%s',
            'subject.speed_mps',
            static fn (float $v): Said => Said::of('read.speed', speed: Quantity::speed($v)),
        );
        self::number(
            $line,
            'EV ?(?<n>-?[0-9]+(?:[.,][0-9]+)?)|(?<m>-?[0-9]+(?:[.,][0-9]+)?) ?EV\b',
            'light.ev100',
            static fn (float $v): Said => Said::of('read.light', ev: Quantity::figure($v)),
        );
        self::number(
            $line,
            '(?:up to |at most |max(?:imum)? |no more than )?ISO ?(?:of |limit |ceiling |up to |at most |max(?:imum)? )*(?<n>[0-9][0-9 ]*[0-9]|[0-9]+)(?: (?:at most|max(?:imum)?|or less))?',
            'photographer.iso_ceiling',
            static fn (float $v): Said => Said::of('read.ceiling', iso: Quantity::iso($v)),
        );
        self::number(
            $line,
            '(?<![\d.,])(?:with (?:a |the |my )?|and (?:a |the )?|[+x×] ?)?(?<n>1[.,]4|1[.,]7|2(?:[.,]0)?) ?(?:[x×](?: ?(?:extender|converter|tele-?converter|tc))?|(?:extender|converter|tele-?converter|tc))\b',
            'kit.extender',
            static fn (float $v): Said => Said::of('read.extender', times: Quantity::exact($v)),
        );
        self::zoom($line);
        // “600 with the 1.4”: both by their numbers alone.
        self::number(
            $line,
            '(?<n>[1-8]00)(?= (?:with|and|plus|\+) (?:a |the |my )?(?:1[.,]4|1[.,]7|2)(?:$|[ ,;.]))',
            'kit.focal_mm',
            static fn (float $v): Said => Said::of('read.focal', mm: Quantity::millimetres($v)),
        );
        self::number(
            $line,
            '(?<=\|)[ ]?(?:with|and|plus|\+) (?:a |the |my )?(?<n>1[.,]4|1[.,]7|2)(?=$|[ ,;.])(?! ?(?:m|s|km|cm|ft|yd|met)\b)',
            'kit.extender',
            static fn (float $v): Said => Said::of('read.extender', times: Quantity::exact($v)),
        );
        self::number(
            $line,
            '(?:(?:with|on) (?:a |an |the |my )?|at )?(?<n>[0-9]{2,4}) ?mm\b(?: ?f ?/? ?[0-9]+(?:[.,][0-9])?)?(?: (?:lens|prime))?',
            'kit.focal_mm',
            static fn (float $v): Said => Said::of('read.focal', mm: Quantity::millimetres($v)),
        );
        // A lens by its length alone, as people call theirs.
        self::number(
            $line,
            '(?:with|on|using|through) (?:a |an |the |my |our )(?<n>1[0-9]|2[048]|35|40|50|85|90|10[05]|135|150|180|200|300|400|500|600|800)(?= ?(?:$|[,;.!?)]|f ?\/|(?:and|at|from|on|in|for|with|by|plus|wide|hand-?held|lens|prime|zoom|over|against|under|to)\b))',
            'kit.focal_mm',
            static fn (float $v): Said => Said::of('read.focal', mm: Quantity::millimetres($v)),
        );
        self::each(
            $line,
            self::LENGTHS,
            self::BACKGROUNDS.' (?:is |about )?%s[ -]?%s behind(?: it| him| her| them)?',
            'behind_m',
            static fn (float $v): Said => Said::of('read.behind', metres: Quantity::length($v)),
        );
        self::each(
            $line,
            self::LENGTHS,
            '(?:the )?background (?:is |at |about )*%s[ -]?%s(?: (?:away|off|out))?',
            'scene.background_m',
            static fn (float $v): Said => Said::of('read.background', metres: Quantity::length($v)),
        );
        self::each(
            $line,
            self::LENGTHS,
            '%s[ -]?%s (?:radius|bend)',
            'path.bend_radius_m',
            static fn (float $v): Said => Said::of('read.bend', metres: Quantity::length($v)),
        );
        self::each(
            $line,
            [self::SECONDS => 1.0],
            '(?:with )?%s[ -]?%s(?:’|\')?(?: of)? (?:warning|notice)',
            'path.notice_s',
            static fn (float $v): Said => Said::of('read.notice', seconds: Quantity::seconds($v)),
        );
        self::each(
            $line,
            [self::SECONDS => 1.0],
            '(?:for|over in|over|lasting|lasts|takes|within|in) (?:about )?%s[ -]?%s',
            'path.seconds',
            static fn (float $v): Said => Said::of('read.lasts', seconds: Quantity::seconds($v)),
        );
        self::each(
            $line,
            self::LENGTHS,
            '(?:\b(?:distance|range) )?(?:\b(?:of|at|from|is) )*(?:about |some |roughly |around )?%s[ -]?%s(?: (?:away|off|out|distance|from (?:me|us|here)))?',
            'path.start_m',
            static fn (float $v): Said => Said::of('read.start', metres: Quantity::length($v)),
        );
        self::clock($line);
    }

    private static function names(Line $line): void
    {
        $lengths = preg_match_all('~[0-9] ?(?:m|met(?:re|er)s?|ft|feet|yds?|yards?)\b~i', $line->text);
        foreach ([self::BUILT => 0, self::EVENTS => 1] as $pattern => $atLeast) {
            // In the line as it was written: who runs it is understood already.
            if (
                $lengths > $atLeast &&
                preg_match("~(?<![\\d.,])(?:$pattern)~iu", $line->text, $found, PREG_OFFSET_CAPTURE) === 1
            ) {
                $line->take(...$found[0]);
            }
        }
    }

    /** “20 minutes after sunset”. */
    private static function minutes(Line $line): void
    {
        $found = $line->find(
            '(?<n>[0-9]{1,2}|half an hour|a quarter of an hour) ?(?:min(?:ute)?s?)? (?<when>before|after) (?<what>sun ?set|sun ?rise|dawn|dusk)',
        );
        if ($found === null) {
            return;
        }
        $minutes = match (strtolower($found[2]['n'])) {
            'half an hour' => 30.0,
            'a quarter of an hour' => 15.0,
            default => (float) $found[2]['n'],
        };
        $rises = preg_match('~rise|dawn~i', $found[2]['what']) === 1;
        $risen = (strtolower($found[2]['when']) === 'after') === $rises;
        $height = self::SUN_SINKS_DEG * $minutes * ($risen ? 1 : -1);
        $line->understand(
            new Piece(
                $found[0],
                $found[1],
                'sun_deg',
                $height,
                Said::of('read.hour', ev: Quantity::figure(Daylight::ev100($height, Sky::Clear))),
            ),
        );
    }

    /**
     * @param  array<string, float>  $units  patterns with what they are in SI
     * @param  callable(float): Said  $says
     */
    private static function each(Line $line, array $units, string $pattern, string $field, callable $says): void
    {
        $words = implode('|', array_map(static fn (string $w): string => "\\b$w\\b", array_keys(self::WORDS)));
        $number = "(?<![\\d.,])(?<n>[0-9]+(?: [0-9]{3})*(?:[.,][0-9]+)?|$words)";
        foreach ($units as $unit => $factor) {
            $found = $line->find(sprintf($pattern, $number, "(?:$unit)"));
            if ($found !== null) {
                [$text, $at, $groups] = $found;
                $value = self::value($groups['n']) * $factor;
                $line->understand(new Piece($text, $at, $field, round($value, 4), $says($value)));
            }
        }
    }

    /** @param  callable(float): Said  $says */
    private static function number(Line $line, string $pattern, string $field, callable $says): void
    {
        $found = $line->find("(?<![\\p{L}\\d])(?:$pattern)");
        if ($found !== null) {
            [$text, $at, $groups] = $found;
            $value = self::value(($groups['n'] ?? '') !== '' ? $groups['n'] : $groups['m'] ?? '0');
            $line->understand(new Piece($text, $at, $field, $value, $says($value)));
        }
    }

    private static function zoom(Line $line): void
    {
        $found = $line->find(
            '(?:(?:with|on) (?:a |an |the |my )?)?(?<![\d.])(?<a>[0-9]{2,3}) ?[-–] ?(?<b>[0-9]{2,4})(?: ?mm)?\b(?: ?f ?/? ?[0-9](?:[.,][0-9])?)?(?: (?:zoom|lens))?',
        );
        if ($found !== null && (int) $found[2]['a'] < (int) $found[2]['b']) {
            $line->understand(
                new Piece(
                    $found[0],
                    $found[1],
                    'kit.zoom',
                    [(float) $found[2]['a'], (float) $found[2]['b']],
                    Said::of('read.zoom', from: $found[2]['a'], to: $found[2]['b']),
                ),
            );
        }
    }

    /** An hour stands for the sun of the equinox in middle latitudes; who wants it exact sets place and time. */
    private static function clock(Line $line): void
    {
        $found = $line->find(
            "\\b(?:at |around )?(?<h>[01]?[0-9]|2[0-3])(?:[:.](?<m>[0-5][0-9]) ?(?<a>[ap]\\.?m)?|(?: ?(?<b>[ap]\\.?m)\\b)| ?o['’]clock)\\b",
        );
        if ($found === null) {
            return;
        }
        $half = strtolower(($found[2]['a'] ?? '').($found[2]['b'] ?? ''));
        $hour =
            ((int) $found[2]['h'] % ($half === '' ? 24 : 12)) +
            ($half !== '' && $half[0] === 'p' ? 12 : 0) +
            (int) ($found[2]['m'] ?? 0) / 60;
        $height = self::MIDDAY_DEG * sin((M_PI * ($hour - 6)) / 12);
        $line->understand(
            new Piece(
                $found[0],
                $found[1],
                'sun_deg',
                max(-18.0, $height),
                Said::of('read.hour', ev: Quantity::figure(Daylight::ev100(max(-18.0, $height), Sky::Clear))),
            ),
        );
    }

    private static function value(string $text): float
    {
        $word = strtolower($text);

        return self::WORDS[$word] ?? (float) str_replace([' ', ','], ['', '.'], $text);
    }
}
