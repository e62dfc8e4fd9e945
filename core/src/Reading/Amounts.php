<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Light\Daylight;
use RushHold\Light\Sky;
use RushHold\Quantity;
use RushHold\Said;

/** Numbers with their units: distances, speeds, times, light, lens. */
final readonly class Amounts
{
    /** Height of the midday sun at the equinox in middle latitudes, degrees. */
    private const MIDDAY_DEG = 38.5;

    /**
     * How far the sun is below the horizon so many minutes after it has set, in middle latitudes, degrees each minute.
     */
    private const SUN_SINKS_DEG = 0.17;

    public function __construct(private Grammar $grammar)
    {
    }

    public function read(TypedLine $line): void
    {
        $this->names($line);
        $this->minutes($line);
        $this->each(
            $line,
            'speeds',
            'speed',
            'subject.speed_mps',
            static fn (float $v): Said => Said::of('read.speed', speed: Quantity::speed($v)),
        );
        $this->number(
            $line,
            'ev',
            'light.ev100',
            static fn (float $v): Said => Said::of('read.light', ev: Quantity::figure($v)),
        );
        $this->number(
            $line,
            'iso',
            'photographer.iso_ceiling',
            static fn (float $v): Said => Said::of('read.ceiling', iso: Quantity::iso($v)),
        );
        $this->lens($line);
        $metres = static fn (string $key): callable => static fn (float $v): Said => Said::of(
            "read.$key",
            metres: Quantity::length($v),
        );
        $this->each($line, 'lengths', 'behind', 'behind_m', $metres('behind'));
        $this->each($line, 'lengths', 'background', 'scene.background_m', $metres('background'));
        $this->each($line, 'lengths', 'bend', 'path.bend_radius_m', $metres('bend'));
        $seconds = static fn (string $key): callable => static fn (float $v): Said => Said::of(
            "read.$key",
            seconds: Quantity::seconds($v),
        );
        $this->each($line, 'seconds', 'notice', 'path.notice_s', $seconds('notice'));
        $this->each($line, 'seconds', 'lasts', 'path.seconds', $seconds('lasts'));
        $this->each($line, 'lengths', 'start', 'path.start_m', $metres('start'));
        $this->clock($line);
    }

    private function lens(TypedLine $line): void
    {
        $times = static fn (float $v): Said => Said::of('read.extender', times: Quantity::exact($v));
        $mm = static fn (float $v): Said => Said::of('read.focal', mm: Quantity::millimetres($v));
        $this->number($line, 'teleconverter', 'kit.extender', $times);
        $this->zoom($line);
        // “600 with the 1.4”: both by their numbers alone.
        $this->number($line, 'focal-and-teleconverter', 'kit.focal_mm', $mm);
        $this->number($line, 'teleconverter-behind', 'kit.extender', $times);
        $this->number($line, 'focal', 'kit.focal_mm', $mm);
        // A lens by its length alone, as people call theirs.
        $this->number($line, 'focal-alone', 'kit.focal_mm', $mm);
    }

    /** What is called by a length that is not how far away it is. */
    private function names(TypedLine $line): void
    {
        $lengths = preg_match_all('~'.$this->grammar->amount('length').'~iu', $line->text);
        foreach (['built' => 0, 'event' => 1] as $name => $atLeast) {
            $pattern = $this->grammar->amount($name);
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
    private function minutes(TypedLine $line): void
    {
        $found = $line->find($this->grammar->amount('minutes'));
        if ($found === null) {
            return;
        }
        $minutes = $this->grammar->minutes($found[2]['n']);
        $says = fn (string $name, string $word): bool => preg_match(
            '~'.$this->grammar->amount($name).'~iu',
            $word,
        ) === 1;
        $rises = $says('rises', $found[2]['what']);
        $risen = $says('after', $found[2]['when']) === $rises;
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
     * @param  'lengths'|'speeds'|'seconds'  $units
     * @param  callable(float): Said  $says
     */
    private function each(TypedLine $line, string $units, string $amount, string $field, callable $says): void
    {
        $words = implode('|', array_map(static fn (string $w): string => "\\b$w\\b", $this->grammar->numberWords()));
        $number = "(?<![\\d.,])(?<n>[0-9]+(?: [0-9]{3})*(?:[.,][0-9]+)?|$words)";
        foreach ($this->grammar->units($units) as $unit => $factor) {
            $found = $line->find(strtr($this->grammar->amount($amount), ['%n' => $number, '%u' => "(?:$unit)"]));
            if ($found !== null) {
                [$text, $at, $groups] = $found;
                $value = $this->grammar->number($groups['n']) * $factor;
                $line->understand(new Piece($text, $at, $field, round($value, 4), $says($value)));
            }
        }
    }

    /** @param  callable(float): Said  $says */
    private function number(TypedLine $line, string $amount, string $field, callable $says): void
    {
        $found = $line->find('(?<![\\p{L}\\d])(?:'.$this->grammar->amount($amount).')');
        if ($found !== null) {
            [$text, $at, $groups] = $found;
            $value = $this->grammar->number(($groups['n'] ?? '') !== '' ? $groups['n'] : $groups['m'] ?? '0');
            $line->understand(new Piece($text, $at, $field, $value, $says($value)));
        }
    }

    private function zoom(TypedLine $line): void
    {
        $found = $line->find($this->grammar->amount('zoom'));
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
    private function clock(TypedLine $line): void
    {
        $found = $line->find($this->grammar->amount('clock'));
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
}
