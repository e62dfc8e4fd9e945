<?php

declare(strict_types=1);

namespace App\Bench;

use App\Documents\Sheet;

/** A session at the bench on paper: what was found, the curves and the figures. Black on white. */
final class Paper
{
    private const WIDE = 640;

    private const HIGH = 200;

    /** @param  array<string, mixed>  $session  as KeptSession tells it */
    public static function of(array $session): string
    {
        return (string) Sheet::drawn(self::html($session), 'a4')->output();
    }

    /** @param  array<string, mixed>  $session */
    public static function html(array $session): string
    {
        $text = static fn (mixed $said): string => htmlspecialchars(
            is_scalar($said) ? (string) $said : '',
            ENT_QUOTES | ENT_SUBSTITUTE,
        );
        $plot = self::plot(...);
        ob_start();
        require dirname(__DIR__, 2).'/resources/paper/bench.php';

        return (string) ob_get_clean();
    }

    /**
     * The curve of a series with the frames about it, as SVG.
     *
     * @param  array<string, mixed>  $series
     */
    public static function plot(array $series): string
    {
        /** @var list<array{value: int, score: float, spread: float}> $curve */
        $curve = $series['curve'];
        /** @var list<array{value: int, score: float}> $scores */
        $scores = $series['scores'];
        $values = array_column($curve, 'value');
        $top = max([...array_column($scores, 'score'), 1e-9]) * 1.06;
        $x = static fn (float $value): float => round(
            30 + ((self::WIDE - 40) * ($value - min($values))) / max(1, max($values) - min($values)),
            1,
        );
        $y = static fn (float $score): float => round(self::HIGH - 22 - ((self::HIGH - 30) * $score) / $top, 1);
        $line = implode(
            ' ',
            array_map(static fn (array $p): string => $x($p['value']).','.$y(max(0.0, $p['score'])), $curve),
        );
        $band = implode(' ', [
            ...array_map(
                static fn (array $p): string => $x($p['value']).','.$y(max(0.0, $p['score'] + 1.6 * $p['spread'])),
                $curve,
            ),
            ...array_map(
                static fn (array $p): string => $x($p['value']).','.$y(max(0.0, $p['score'] - 1.6 * $p['spread'])),
                array_reverse($curve),
            ),
        ]);
        $dots = implode(
            '',
            array_map(
                static fn (array $p): string => '<circle cx="'.
                    $x($p['value']).
                    '" cy="'.
                    $y($p['score']).
                    '" r="2" fill="none" stroke="#000" stroke-width="0.7"/>',
                $scores,
            ),
        );
        $ticks = implode(
            '',
            array_map(
                static fn (int $v): string => $v % 5 === 0
                    ? '<text x="'.
                        $x($v).
                        '" y="'.
                        (self::HIGH - 6).
                        '" font-size="9" text-anchor="middle">'.
                        $v.
                        '</text>'
                    : '',
                $values,
            ),
        );

        return '<svg xmlns="http://www.w3.org/2000/svg" width="'.
            self::WIDE.
            '" height="'.
            self::HIGH.
            '" viewBox="0 0 '.
            self::WIDE.
            ' '.
            self::HIGH.
            "\"><polygon points=\"$band\" fill=\"#ddd\"/><polyline points=\"$line\" fill=\"none\" stroke=\"#000\" stroke-width=\"1.6\"/>$dots$ticks</svg>";
    }
}
