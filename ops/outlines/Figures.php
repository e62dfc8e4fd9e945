<?php

declare(strict_types=1);

namespace RushHold\Ops\Outlines;

use Closure;

/** Every figure there is, and the poses it goes through; the first is the one it is known by. */
final class Figures
{
    /** @return array<string, non-empty-list<Closure(): Model>> */
    public static function all(): array
    {
        return [...self::birds(), ...self::beasts(), ...self::swimmers(), ...self::insects(), ...People::all(), ...Things::all()];
    }

    /**
     * How those are known that one tells from below: from there, gliding. The others are known by their first pose.
     *
     * @return array<string, Closure(): Model>
     */
    public static function known(): array
    {
        $below = static fn (Bird $of, float $swept = 0.0, float $tail = 1.0): Closure => static fn (): Model => $of->flying([10, 4], bank: 24, below: 46, swept: $swept, spread: $tail);
        $b = self::builds();

        return [
            ...array_map($below, array_intersect_key($b, array_flip(['falcon', 'hawk', 'crow', 'pigeon', 'swallow', 'gull', 'tern', 'skua', 'wader', 'heron', 'cormorant']))),
            ...array_map(static fn (Bird $of): Closure => $below($of, tail: 1.25), array_intersect_key($b, array_flip(['buzzard', 'eagle', 'kite']))),
            'swift' => $below($b['swift']), 'soaring-bird' => $below($b['buzzard'], tail: 1.25), 'flying-bird' => $below($b['crow']),
        ];
    }

    /** @return array<string, Bird> */
    private static function builds(): array
    {
        // bill, head, neck, body, tail, wing
        $puffin = new Bird([0.115, 0.1, 0.035], 0.1, [0.07, 0.085], [0.52, 0.15, 0.15], [0.13, 0.07, 'round'], [0.62, 0.17, 0.16, 0.03, 0.2, 'point'], 0.12);
        $auk = new Bird([0.15, 0.03, 0.004], 0.062, [0.12, 0.062], [0.5, 0.125, 0.125], [0.1, 0.06, 'round'], [0.5, 0.13, 0.11, 0.02, 0.24, 'point'], 0.12);
        $gannet = new Bird([0.13, 0.035, 0.012], 0.055, [0.16, 0.05], [0.46, 0.09, 0.09], [0.2, 0.06, 'point'], [0.96, 0.17, 0.12, 0.07, 0.26, 'point'], 0.12);
        $gull = new Bird([0.085, 0.026, 0.014], 0.065, [0.06, 0.065], [0.52, 0.105, 0.105], [0.22, 0.1, 'square'], [1.08, 0.24, 0.17, 0.08, 0.3, 'point'], 0.2);
        $tern = new Bird([0.13, 0.018, 0.004], 0.055, [0.03, 0.055], [0.42, 0.075, 0.075], [0.32, 0.07, 'streamers'], [1.08, 0.19, 0.13, 0.08, 0.4, 'point'], 0.08);
        $fulmar = new Bird([0.07, 0.04, 0.012], 0.075, [0.02, 0.085], [0.52, 0.12, 0.12], [0.2, 0.09, 'round'], [1.06, 0.19, 0.135, 0.03, 0.12, 'point'], 0.12);

        $cormorant = new Bird([0.09, 0.022, 0.015], 0.05, [0.26, 0.042], [0.44, 0.085, 0.085], [0.2, 0.07, 'wedge'], [0.72, 0.24, 0.19, 0.05, 0.15, 'round'], 0.12, hooked: true);
        $skua = new Bird([0.08, 0.032, 0.02], 0.075, [0.04, 0.085], [0.52, 0.12, 0.12], [0.2, 0.09, 'wedge'], [1.0, 0.26, 0.2, 0.08, 0.26, 'point'], 0.16, hooked: true);
        $heron = new Bird([0.18, 0.024, 0.0], 0.042, [0.2, 0.05], [0.36, 0.1, 0.085], [0.12, 0.08, 'square'], [0.86, 0.34, 0.3, 0.1, 0.05, 'fingers'], 0.72, tucked: true, trailing: true);
        $crane = new Bird([0.11, 0.018, 0.0], 0.035, [0.3, 0.032], [0.36, 0.085, 0.08], [0.1, 0.07, 'square'], [0.92, 0.26, 0.22, 0.05, 0.02, 'fingers'], 0.66, trailing: true);
        $pelican = new Bird([0.26, 0.045, 0.03], 0.055, [0.16, 0.045], [0.44, 0.12, 0.12], [0.1, 0.08, 'square'], [1.0, 0.28, 0.24, 0.05, 0.06, 'fingers'], 0.14, tucked: true);
        $wader = new Bird([0.24, 0.02, 0.0], 0.06, [0.06, 0.055], [0.44, 0.11, 0.11], [0.16, 0.07, 'round'], [0.76, 0.2, 0.14, 0.06, 0.34, 'point'], 0.34, trailing: true);
        $duck = new Bird([0.13, 0.045, 0.006], 0.064, [0.18, 0.05], [0.48, 0.12, 0.12], [0.12, 0.06, 'point'], [0.6, 0.2, 0.15, 0.05, 0.24, 'point'], 0.12);
        $goose = new Bird([0.075, 0.04, 0.012], 0.045, [0.25, 0.044], [0.44, 0.12, 0.12], [0.12, 0.09, 'round'], [0.84, 0.26, 0.2, 0.06, 0.18, 'fingers'], 0.2);
        $swan = new Bird([0.075, 0.028, 0.012], 0.036, [0.54, 0.03], [0.42, 0.11, 0.11], [0.1, 0.06, 'point'], [0.8, 0.25, 0.19, 0.06, 0.16, 'round'], 0.16);
        $grebe = new Bird([0.13, 0.02, 0.0], 0.055, [0.26, 0.036], [0.56, 0.12, 0.12], [0.05, 0.04, 'point'], [0.5, 0.16, 0.13, 0.03, 0.2, 'point'], 0.1);
        $falcon = new Bird([0.05, 0.03, 0.03], 0.075, [0.02, 0.085], [0.5, 0.115, 0.115], [0.34, 0.075, 'square'], [0.98, 0.24, 0.19, 0.09, 0.44, 'point'], 0.16, hooked: true);
        $hawk = new Bird([0.05, 0.028, 0.03], 0.065, [0.02, 0.075], [0.44, 0.1, 0.1], [0.42, 0.09, 'square'], [0.62, 0.3, 0.27, 0.05, 0.08, 'fingers'], 0.18, hooked: true);
        $buzzard = new Bird([0.05, 0.034, 0.03], 0.075, [0.02, 0.085], [0.48, 0.125, 0.125], [0.3, 0.19, 'round'], [1.0, 0.36, 0.32, 0.06, 0.06, 'fingers'], 0.18, hooked: true);
        $eagle = new Bird([0.09, 0.045, 0.04], 0.08, [0.06, 0.085], [0.5, 0.125, 0.125], [0.26, 0.17, 'wedge'], [1.2, 0.36, 0.34, 0.05, 0.03, 'fingers'], 0.2, hooked: true);
        $kite = new Bird([0.05, 0.03, 0.03], 0.06, [0.02, 0.07], [0.42, 0.1, 0.1], [0.42, 0.17, 'fork'], [1.14, 0.28, 0.25, 0.08, 0.16, 'fingers'], 0.14, hooked: true);
        $owl = new Bird([0.02, 0.03, 0.04], 0.145, [0.0, 0.15], [0.54, 0.16, 0.16], [0.2, 0.1, 'round'], [1.0, 0.38, 0.36, 0.05, 0.06, 'round'], 0.1);
        $swift = new Bird([0.02, 0.025, 0.01], 0.07, [0.0, 0.08], [0.5, 0.1, 0.1], [0.28, 0.06, 'fork'], [1.16, 0.2, 0.12, 0.04, 0.62, 'point'], 0.05);
        $swallow = new Bird([0.03, 0.022, 0.004], 0.075, [0.0, 0.08], [0.4, 0.095, 0.095], [0.44, 0.11, 'streamers'], [0.9, 0.22, 0.16, 0.05, 0.48, 'point'], 0.06);
        $songbird = new Bird([0.075, 0.03, 0.004], 0.1, [0.02, 0.11], [0.48, 0.135, 0.135], [0.32, 0.075, 'square'], [0.62, 0.28, 0.25, 0.03, 0.14, 'round'], 0.2);
        $kingfisher = new Bird([0.26, 0.042, 0.0], 0.105, [0.0, 0.11], [0.44, 0.13, 0.13], [0.13, 0.06, 'square'], [0.5, 0.24, 0.2, 0.03, 0.16, 'round'], 0.06);
        $woodpecker = new Bird([0.13, 0.026, 0.0], 0.08, [0.04, 0.075], [0.46, 0.115, 0.115], [0.28, 0.07, 'wedge'], [0.62, 0.28, 0.25, 0.03, 0.12, 'round'], 0.14);
        $hummingbird = new Bird([0.26, 0.012, 0.0], 0.075, [0.03, 0.07], [0.4, 0.095, 0.095], [0.24, 0.07, 'fork'], [0.62, 0.16, 0.14, 0.02, 0.3, 'point'], 0.05);
        $crow = new Bird([0.1, 0.04, 0.015], 0.075, [0.04, 0.075], [0.46, 0.115, 0.115], [0.3, 0.13, 'round'], [0.92, 0.33, 0.3, 0.06, 0.08, 'fingers'], 0.24);
        $pigeon = new Bird([0.05, 0.022, 0.01], 0.07, [0.05, 0.06], [0.52, 0.13, 0.13], [0.28, 0.11, 'round'], [0.72, 0.27, 0.2, 0.06, 0.28, 'point'], 0.14);
        $pheasant = new Bird([0.04, 0.026, 0.014], 0.045, [0.12, 0.04], [0.38, 0.11, 0.11], [0.52, 0.05, 'point'], [0.46, 0.28, 0.26, 0.03, 0.06, 'round'], 0.2);
        $penguin = new Bird([0.09, 0.028, 0.012], 0.085, [0.03, 0.1], [0.66, 0.15, 0.15], [0.1, 0.04, 'point'], [0.36, 0.1, 0.075, 0.02, 0.16, 'point'], 0.1);

        return ['puffin' => $puffin, 'guillemot' => $auk, 'buzzard' => $buzzard, 'cormorant' => $cormorant, 'crane' => $crane, 'crow' => $crow, 'duck' => $duck, 'eagle' => $eagle, 'falcon' => $falcon, 'fulmar' => $fulmar, 'gannet' => $gannet, 'goose' => $goose, 'grebe' => $grebe, 'gull' => $gull, 'hawk' => $hawk, 'heron' => $heron, 'hummingbird' => $hummingbird, 'kingfisher' => $kingfisher, 'kite' => $kite, 'owl' => $owl, 'pelican' => $pelican, 'penguin' => $penguin, 'pheasant' => $pheasant, 'pigeon' => $pigeon, 'skua' => $skua, 'songbird' => $songbird, 'swallow' => $swallow, 'swan' => $swan, 'swift' => $swift, 'tern' => $tern, 'wader' => $wader, 'woodpecker' => $woodpecker];
    }

    /** @return array<string, non-empty-list<Closure(): Model>> */
    private static function birds(): array
    {
        ['puffin' => $puffin, 'guillemot' => $auk, 'buzzard' => $buzzard, 'cormorant' => $cormorant, 'crane' => $crane, 'crow' => $crow, 'duck' => $duck, 'eagle' => $eagle, 'falcon' => $falcon, 'fulmar' => $fulmar, 'gannet' => $gannet, 'goose' => $goose, 'grebe' => $grebe, 'gull' => $gull, 'hawk' => $hawk, 'heron' => $heron, 'hummingbird' => $hummingbird, 'kingfisher' => $kingfisher, 'kite' => $kite, 'owl' => $owl, 'pelican' => $pelican, 'penguin' => $penguin, 'pheasant' => $pheasant, 'pigeon' => $pigeon, 'skua' => $skua, 'songbird' => $songbird, 'swallow' => $swallow, 'swan' => $swan, 'swift' => $swift, 'tern' => $tern, 'wader' => $wader, 'woodpecker' => $woodpecker] = self::builds();
        $beats = static fn (Bird $of, float $pitch = 0, bool $feet = false, float $spread = 1.0): array => [
            static fn (): Model => $of->flying([48, 62], $pitch, spread: $spread, feet: $feet),
            static fn (): Model => $of->flying([14, 4], $pitch, bank: 22, spread: $spread, feet: $feet),
            static fn (): Model => $of->flying([-22, -46], $pitch, below: 4, spread: $spread, feet: $feet),
        ];
        $glides = static fn (Bird $of): array => [
            static fn (): Model => $of->flying([9, 1], bank: 30, below: 12),
            static fn (): Model => $of->flying([12, 6], bank: 12, below: 14),
            static fn (): Model => $of->flying([12, 6], bank: -20, below: 4),
        ];

        return [
            'puffin' => $beats($puffin), 'guillemot' => $beats($auk), 'gannet' => $glides($gannet), 'gull' => $beats($gull), 'tern' => $beats($tern), 'fulmar' => $glides($fulmar),
            'cormorant' => $beats($cormorant), 'skua' => $beats($skua), 'heron' => $beats($heron), 'crane' => $beats($crane), 'pelican' => $beats($pelican, 12, true), 'wader' => $beats($wader),
            'duck' => $beats($duck), 'goose' => $beats($goose), 'swan' => $beats($swan), 'falcon' => $beats($falcon), 'hawk' => $beats($hawk), 'buzzard' => $glides($buzzard), 'eagle' => $glides($eagle), 'kite' => $glides($kite),
            'owl' => $beats($owl), 'swift' => $glides($swift), 'swallow' => $beats($swallow), 'songbird' => $beats($songbird), 'kingfisher' => $beats($kingfisher), 'woodpecker' => $beats($woodpecker),
            'crow' => $beats($crow), 'pigeon' => $beats($pigeon), 'pheasant' => $beats($pheasant, 24),
            'hummingbird' => [static fn (): Model => $hummingbird->flying([62, 68], 42, below: 0), static fn (): Model => $hummingbird->flying([4, -6], 42, bank: 24, below: 0), static fn (): Model => $hummingbird->flying([-40, -52], 42, below: 0)],
            'gannet-diving' => [static fn (): Model => $gannet->falling(-52), static fn (): Model => $gannet->flying([30, 20], -35, swept: 0.9)],
            'tern-diving' => [static fn (): Model => $tern->falling(-58), static fn (): Model => $tern->flying([40, 30], -40, swept: 0.8)],
            'kingfisher-diving' => [static fn (): Model => $kingfisher->falling(-55, 0.8), static fn (): Model => $kingfisher->flying([50, 40], -40, swept: 0.7)],
            'falcon-diving' => [static fn (): Model => $falcon->falling(-48), static fn (): Model => $falcon->flying([20, 4], -40, bank: 24, swept: 0.9)],
            'eagle-striking' => [static fn (): Model => $eagle->flying([42, 52], 30, feet: true, spread: 1.2), static fn (): Model => $eagle->flying([34, 20], 12, feet: true)],
            'heron-standing' => [static fn (): Model => $heron->standing(28, [[-0.1, 0.6], [0.35, 1.3], [0.15, 1.9], [0.5, 2.3]]), static fn (): Model => $heron->standing(20, [[0.5, 0.3], [1.0, 0.1], [1.7, -0.4]], look: -40)],
            'wader-standing' => [static fn (): Model => $wader->standing(8, [[0.5, 0.3], [0.9, 0.1]], look: -42), static fn (): Model => $wader->standing(14, [[0.5, 0.9], [0.7, 1.4]])],
            'crane-dancing' => [static fn (): Model => $crane->standing(25, [[0.2, 0.5], [0.4, 1.0], [0.6, 1.4]], look: 10), static fn (): Model => $crane->flying([62, 70], 38, below: 0, feet: true)],
            'puffin-standing' => [static fn (): Model => $puffin->standing(58, [[0.2, 0.9]])],
            'songbird-perched' => [static fn (): Model => $songbird->standing(44, [[0.4, 1.0]]), static fn (): Model => $songbird->standing(52, [[0.3, 1.2]], look: 30)],
            'kingfisher-perched' => [static fn (): Model => $kingfisher->standing(52, [[0.3, 0.9]])],
            'owl-perched' => [static fn (): Model => $owl->standing(64, [[0.1, 0.6]])],
            'penguin-leaping' => [static fn (): Model => $penguin->flying([-10, -20], 30, below: 0, bank: 0), static fn (): Model => $penguin->standing(80, [[0.1, 0.9]])],
            'swimming-bird' => [static fn (): Model => $grebe->standing(0, [[-0.05, 0.4], [0.15, 0.95]], swims: true), static fn (): Model => $grebe->standing(0, [[0.4, 0.2], [0.9, 0.3]], swims: true)],
            'duck-swimming' => [static fn (): Model => $duck->standing(4, [[0.2, 0.6], [0.35, 1.0]], swims: true)],
            'flying-bird' => $beats($crow), 'gliding-bird' => $glides($gull), 'hovering-bird' => [static fn (): Model => $falcon->flying([50, 40], 26, feet: false, spread: 1.8), static fn (): Model => $falcon->flying([4, -8], 26, bank: 26, spread: 1.8)],
            'landing-bird' => [static fn (): Model => $gull->flying([46, 40], 26, spread: 1.8, feet: true), static fn (): Model => $gull->flying([26, 6], 30, bank: 20, spread: 1.8, feet: true)],
            'rising-bird' => [static fn (): Model => $duck->flying([52, 62], 34), static fn (): Model => $duck->flying([-20, -40], 34)],
            'soaring-bird' => $glides($buzzard), 'diving-bird' => [static fn (): Model => $gull->falling(-48), static fn (): Model => $gull->flying([36, 24], -36, swept: 0.8)],
            'perched-bird' => [static fn (): Model => $songbird->standing(44, [[0.4, 1.0]])], 'wading-bird' => [static fn (): Model => $wader->standing(14, [[0.5, 0.9], [0.7, 1.4]])],
        ];
    }

    /** @return array<string, non-empty-list<Closure(): Model>> */
    private static function beasts(): array
    {
        // trunk, neck, head, ears, tail, legs
        $hare = new Beast([0.19, 0.15, 0.14], [0.16, 35, 0.085], [0.25, 0.095, 0.055], [0.36, 0.045, 'back'], [0.12, 0.05, 30], [0.42, 0.09, 0.032]);
        $rabbit = new Beast([0.23, 0.2, 0.165], [0.12, 40, 0.1], [0.25, 0.11, 0.06], [0.3, 0.05, 'back'], [0.11, 0.08, 40], [0.34, 0.1, 0.036]);
        $squirrel = new Beast([0.16, 0.14, 0.13], [0.1, 30, 0.09], [0.22, 0.09, 0.045], [0.13, 0.035, 'up'], [0.95, 0.13, 20], [0.26, 0.08, 0.03]);
        $fox = new Beast([0.13, 0.12, 0.14], [0.2, 32, 0.095], [0.34, 0.1, 0.035], [0.17, 0.06, 'up'], [0.72, 0.085, -8], [0.42, 0.07, 0.026]);
        $dog = new Beast([0.14, 0.12, 0.17], [0.22, 42, 0.09], [0.33, 0.095, 0.055], [0.18, 0.06, 'hang'], [0.42, 0.03, 25], [0.5, 0.085, 0.032]);
        $wolf = new Beast([0.15, 0.14, 0.17], [0.22, 28, 0.115], [0.36, 0.11, 0.05], [0.13, 0.05, 'up'], [0.48, 0.06, -30], [0.52, 0.085, 0.032]);
        $cat = new Beast([0.13, 0.12, 0.125], [0.16, 36, 0.08], [0.2, 0.105, 0.065], [0.12, 0.055, 'up'], [0.66, 0.03, 30], [0.34, 0.07, 0.032]);
        $cheetah = new Beast([0.13, 0.1, 0.145], [0.22, 22, 0.08], [0.19, 0.075, 0.05], [0.05, 0.035, 'up'], [0.8, 0.032, 6], [0.52, 0.075, 0.026]);
        $deer = new Beast([0.16, 0.15, 0.17], [0.38, 52, 0.085], [0.32, 0.085, 0.042], [0.17, 0.045, 'side'], [0.12, 0.03, -40], [0.62, 0.08, 0.024], '');
        $roe = new Beast([0.17, 0.145, 0.16], [0.34, 58, 0.072], [0.26, 0.075, 0.038], [0.17, 0.05, 'side'], [0.03, 0.03, 0], [0.62, 0.075, 0.02], 'spikes');
        $stag = new Beast([0.17, 0.16, 0.2], [0.36, 46, 0.12], [0.34, 0.09, 0.048], [0.15, 0.045, 'side'], [0.12, 0.03, -40], [0.62, 0.085, 0.028], 'antlers');
        $antelope = new Beast([0.15, 0.13, 0.16], [0.34, 54, 0.065], [0.26, 0.07, 0.036], [0.14, 0.04, 'side'], [0.2, 0.022, -30], [0.64, 0.07, 0.02], 'straight');
        $ibex = new Beast([0.17, 0.17, 0.18], [0.26, 44, 0.1], [0.27, 0.085, 0.045], [0.1, 0.035, 'side'], [0.1, 0.03, 20], [0.46, 0.085, 0.032], 'horns');
        $boar = new Beast([0.2, 0.25, 0.27], [0.08, -6, 0.23], [0.44, 0.17, 0.06], [0.13, 0.05, 'up'], [0.26, 0.018, -30], [0.46, 0.08, 0.03], 'tusks');
        $bear = new Beast([0.25, 0.25, 0.25], [0.14, 4, 0.19], [0.36, 0.14, 0.07], [0.09, 0.05, 'up'], [0.06, 0.04, -20], [0.5, 0.12, 0.055]);
        $badger = new Beast([0.19, 0.19, 0.16], [0.1, 2, 0.12], [0.32, 0.1, 0.035], [0.06, 0.035, 'up'], [0.2, 0.06, -10], [0.22, 0.075, 0.04]);
        $stoat = new Beast([0.075, 0.068, 0.072], [0.18, 24, 0.06], [0.17, 0.06, 0.032], [0.04, 0.028, 'up'], [0.42, 0.03, 8], [0.17, 0.045, 0.022]);
        $horse = Beast::horse();
        $foal = new Beast([0.18, 0.15, 0.17], [0.34, 50, 0.09], [0.36, 0.095, 0.055], [0.13, 0.032, 'up'], [0.3, 0.04, -10], [0.92, 0.08, 0.028], 'mane');
        $elephant = new Beast([0.32, 0.35, 0.34], [0.12, 10, 0.26], [0.34, 0.22, 0.1], [0.42, 0.17, 'hang'], [0.36, 0.018, -70], [0.66, 0.15, 0.1], 'trunk', 0.7);

        $gallops = static fn (Beast $of, float $pitch = 0, float $arch = 0.16): array => [
            static fn (): Model => $of->pose([0.88, 0.5, -0.92, -0.55], [0.0, 0.3, 0.0, 0.2], -0.03, $pitch, [-6, 0], 12),
            static fn (): Model => $of->pose([-0.75, -0.4, 0.85, 0.6], [0.25, 0.35, 0.15, 0.25], $arch, $pitch, [4, -4], -6),
            static fn (): Model => $of->pose([0.35, -0.5, -0.2, -0.75], [0.0, 0.4, 0.1, 0.1], 0.03, $pitch, [0, -2]),
        ];
        $walks = static fn (Beast $of, array $look = [0, 0]): array => [
            static fn (): Model => $of->pose([0.36, -0.26, -0.3, 0.26], [0.0, 0.06, 0.0, 0.06], 0.0, 0, $look),
            static fn (): Model => $of->pose([0.05, 0.3, 0.1, -0.28], [0.22, 0.0, 0.18, 0.0], 0.0, 0, $look),
        ];
        $leaps = static fn (Beast $of): array => [
            static fn (): Model => $of->pose([0.7, 0.4, -0.95, -0.75], [0.5, 0.6, 0.0, 0.05], -0.03, 14, [4, -4], 14),
            static fn (): Model => $of->pose([1.1, 0.9, -0.3, 0.1], [0.05, 0.1, 0.45, 0.55], 0.04, -12, [-4, -4], 20),
        ];

        return [
            'bat' => array_map(static fn (float $up): Closure => static fn (): Model => self::bat($up), [0.9, 0.25, -0.6]),
            'hare' => $gallops($hare, 0, 0.2), 'rabbit' => $gallops($rabbit, 0, 0.18), 'squirrel' => $gallops($squirrel, 0, 0.16), 'squirrel-leaping' => $leaps($squirrel), 'fox' => $gallops($fox), 'fox-trotting' => $walks($fox, [-14, -4]), 'fox-pouncing' => [static fn (): Model => $fox->pose([0.9, 0.7, -0.5, -0.2], [0.35, 0.4, 0.25, 0.35], 0.16, -22, [-20, -40], 20), static fn (): Model => $fox->pose([0.6, 0.4, -1.1, -0.9], [0.5, 0.5, 0.0, 0.05], 0.06, 22, [0, -20], 10)],
            'dog' => $gallops($dog), 'dog-jumping' => $leaps($dog), 'wolf' => $gallops($wolf), 'cat' => $leaps($cat), 'big-cat' => $gallops($cheetah, 0, 0.2),
            'deer' => $gallops($deer), 'roe-deer' => $leaps($roe), 'stag' => $walks($stag, [-10, 10]), 'antelope' => $gallops($antelope), 'ibex' => $leaps($ibex), 'boar' => $gallops($boar, 0, 0.06), 'bear' => $walks($bear, [-4, -18]), 'badger' => $walks($badger), 'stoat' => $gallops($stoat, 0, 0.26),
            'horse' => $gallops($horse, 0, 0.05), 'foal' => $gallops($foal, 0, 0.06), 'elephant' => $walks($elephant, [0, -50]),
            'running-mammal' => $gallops($dog), 'leaping-mammal' => $leaps($deer), 'walking-mammal' => $walks($wolf),
        ];
    }

    /** @param  float  $up  how far its wings are raised, as a slope */
    private static function bat(float $up): Model
    {
        $m = new Model;
        $m->bank = 12;
        $m->below = 10;
        $m->tube([[0.1, 0, 0, 0.03], [0.3, 0.0, 0, 0.1], [0.6, 0.01, 0, 0.14], [0.82, 0.05, 0, 0.1]])->tube([[0.86, 0.07, 0, 0.1], [0.98, 0.04, 0, 0.05]]);
        $m->both(static fn (int $side) => $m->tube([[0.84, 0.14, 0.05 * $side, 0.045, 0.02], [0.84, 0.26, 0.1 * $side, 0.012]]));
        $w = static fn (float $x, float $r, int $side): array => [$x, 0.05 + $r * sin(atan($up)), (0.06 + $r * cos(atan($up))) * $side];
        $m->both(static fn (int $side) => $m->sheet([$w(0.74, 0.0, $side), $w(0.86, 0.3, $side), $w(0.94, 0.48, $side), $w(0.94, 0.48, $side), $w(0.8, 0.9, $side), $w(0.4, 1.2, $side), $w(0.4, 1.2, $side), $w(0.48, 0.9, $side), $w(0.22, 0.8, $side), $w(0.22, 0.8, $side), $w(0.38, 0.5, $side), $w(0.12, 0.34, $side), $w(0.12, 0.34, $side), $w(0.24, 0.1, $side), $w(0.1, 0.0, $side), $w(0.1, 0.0, $side)]));

        return $m->place('head', 0.88, 0.07, 0)->place('eye', 0.93, 0.09, 0.06)->place('chest', 0.7, 0.02, 0.06);
    }

    /** @return array<string, non-empty-list<Closure(): Model>> */
    private static function swimmers(): array
    {
        $dolphin = static function (float $pitch, float $bend): Model {
            $m = new Model;
            $m->pitch = $pitch;
            $y = static fn (float $x): float => -$bend * 4 * ($x - 0.5) ** 2;
            $m->tube([[0.02, $y(0.02), 0, 0.02], [0.16, $y(0.16), 0, 0.045], [0.4, $y(0.4), 0, 0.11, 0.1], [0.65, $y(0.65), 0, 0.125, 0.115], [0.84, $y(0.84), 0, 0.085, 0.08], [0.9, $y(0.9) - 0.01, 0, 0.05]]);
            $m->tube([[0.87, $y(0.87) - 0.02, 0, 0.04], [1.0, $y(1.0) - 0.01, 0, 0.018]]);
            $m->sheet([[0.58, $y(0.58) + 0.1, 0], [0.46, $y(0.46) + 0.2, 0], [0.4, $y(0.4) + 0.22, 0], [0.4, $y(0.4) + 0.22, 0], [0.42, $y(0.42) + 0.09, 0]]);
            $m->both(fn (int $side) => $m->sheet([[0.72, $y(0.7) - 0.06, 0.07 * $side], [0.56, $y(0.6) - 0.2, 0.16 * $side], [0.53, $y(0.6) - 0.2, 0.17 * $side], [0.62, $y(0.62) - 0.08, 0.08 * $side]]));
            $m->both(fn (int $side) => $m->sheet([[0.06, $y(0.04), 0], [-0.03, $y(0) - 0.01, 0.17 * $side], [-0.06, $y(0) - 0.01, 0.19 * $side], [-0.01, $y(0.0), 0.03 * $side]]));

            return $m->place('head', 0.86, $y(0.86), 0)->place('eye', 0.87, $y(0.87) - 0.01, 0.06)->place('chest', 0.7, $y(0.7), 0.05);
        };
        $whale = static function (float $pitch): Model {
            $m = new Model;
            $m->pitch = $pitch;
            $m->cut = -0.42;
            $m->tube([[0.0, 0.02, 0, 0.03], [0.16, 0.0, 0, 0.06], [0.4, -0.02, 0, 0.14], [0.68, -0.03, 0, 0.17, 0.16], [0.9, 0.0, 0, 0.11], [1.0, 0.02, 0, 0.05]]);
            $m->both(fn (int $side) => $m->sheet([[0.68, -0.08, 0.12 * $side], [0.5, -0.16, 0.36 * $side], [0.44, -0.15, 0.4 * $side], [0.56, -0.1, 0.13 * $side]]));
            $m->sheet([[0.3, 0.08, 0], [0.22, 0.13, 0], [0.21, 0.05, 0]]);

            return $m->place('head', 0.9, 0, 0)->place('eye', 0.84, 0.0, 0.12)->place('chest', 0.7, -0.05, 0.05);
        };
        $seal = static function (float $up, float $wave): Model {
            $m = new Model;
            $m->cut = -0.07;
            $m->tube([[0.0, -0.05 + $wave, 0, 0.035], [0.2, -0.02, 0, 0.08], [0.5, 0.0, 0, 0.14], [0.72, 0.02, 0, 0.125], [0.86, 0.06 + $up * 0.5, 0, 0.085], [0.95, 0.1 + $up, 0, 0.08]]);
            $m->tube([[0.95, 0.1 + $up, 0, 0.075], [1.04, 0.08 + $up, 0, 0.04]]);

            return $m->place('head', 0.96, 0.1 + $up, 0)->place('eye', 0.99, 0.13 + $up, 0.05)->place('chest', 0.8, 0.03, 0.1);
        };
        $otter = static function (float $wave): Model {
            $m = new Model;
            $m->cut = -0.03;
            $m->tube([[-0.25, -0.04 + $wave, 0, 0.012], [0.0, 0.0, 0, 0.03], [0.2, 0.02 - $wave, 0, 0.06], [0.5, 0.02 + $wave, 0, 0.085], [0.75, 0.03, 0, 0.075], [0.92, 0.09, 0, 0.062]]);
            $m->tube([[0.92, 0.09, 0, 0.062, 0.07], [1.02, 0.07, 0, 0.04, 0.055]]);
            $m->both(fn (int $side) => $m->tube([[0.88, 0.15, 0.05 * $side, 0.014], [0.87, 0.165, 0.06 * $side, 0.01]]));

            return $m->place('head', 0.94, 0.09, 0)->place('eye', 0.98, 0.11, 0.05)->place('chest', 0.76, 0.04, 0.06);
        };

        return [
            'dolphin' => [static fn (): Model => $dolphin(24, 0.16), static fn (): Model => $dolphin(-24, 0.2)], 'whale' => [static fn (): Model => $whale(52), static fn (): Model => $whale(30)],
            'seal' => [static fn (): Model => $seal(0.05, 0.0), static fn (): Model => $seal(0.12, 0.03)], 'otter' => [static fn (): Model => $otter(0.0), static fn (): Model => $otter(0.03)], 'water-mammal' => [static fn (): Model => $otter(0.0)],
        ];
    }

    /** @return array<string, non-empty-list<Closure(): Model>> */
    private static function insects(): array
    {
        $dragonfly = static function (float $up): Model {
            $m = new Model;
            $m->below = 14;
            $m->bank = 16;
            $m->tube([[0.0, 0, 0, 0.018], [0.3, 0.0, 0, 0.02], [0.58, 0.01, 0, 0.024], [0.68, 0.02, 0, 0.06], [0.84, 0.03, 0, 0.065], [0.9, 0.03, 0, 0.045]])->tube([[0.94, 0.03, 0, 0.06, 0.08], [0.96, 0.03, 0, 0.055, 0.08]]);
            foreach ([[0.8, 0.02, $up], [0.7, -0.1, -$up * 0.6]] as [$x, $back, $a]) {
                $m->both(fn (int $side) => $m->sheet([[$x, 0.06, 0.03 * $side], [$x + 0.03 + $back, 0.06 + 0.3 * $a, 0.35 * $side], [$x + $back, 0.06 + 0.56 * $a, 0.66 * $side], [$x - 0.09 + $back, 0.06 + 0.56 * $a, 0.62 * $side], [$x - 0.12 + $back * 0.6, 0.06 + 0.25 * $a, 0.3 * $side], [$x - 0.05, 0.06, 0.03 * $side]]));
            }

            return $m->place('head', 0.95, 0.03, 0)->place('eye', 0.96, 0.05, 0.06)->place('chest', 0.8, 0.03, 0);
        };
        $bee = static function (float $up): Model {
            $m = new Model;
            $m->below = 4;
            $m->tube([[0.02, -0.08, 0, 0.05], [0.18, -0.04, 0, 0.19], [0.4, 0.0, 0, 0.21], [0.52, 0.03, 0, 0.14]])->tube([[0.55, 0.03, 0, 0.17], [0.7, 0.05, 0, 0.17], [0.78, 0.03, 0, 0.1]])->tube([[0.85, -0.01, 0, 0.105], [0.9, -0.04, 0, 0.09]]);
            $m->both(fn (int $side) => $m->sheet([[0.68, 0.2, 0.08 * $side], [0.5, 0.3 + 0.35 * $up, 0.4 * $side], [0.3, 0.32 + 0.4 * $up, 0.6 * $side], [0.26, 0.26 + 0.3 * $up, 0.55 * $side], [0.48, 0.18, 0.12 * $side]]));
            $m->both(fn (int $side) => $m->tube([[0.94, 0.05, 0.04 * $side, 0.014], [1.04, 0.12, 0.08 * $side, 0.008]])->limb([[0.62, -0.1, 0.1 * $side, 0.025], [0.52, -0.24, 0.16 * $side, 0.022], [0.44, -0.3, 0.16 * $side, 0.016]])->limb([[0.72, -0.08, 0.1 * $side, 0.02], [0.78, -0.22, 0.14 * $side, 0.016], [0.72, -0.28, 0.14 * $side, 0.012]]));

            return $m->place('head', 0.88, -0.02, 0)->place('eye', 0.89, 0.02, 0.08)->place('chest', 0.66, 0.04, 0.1);
        };
        $butterfly = static function (float $a): Model {
            $m = new Model;
            $m->below = 6;
            [$c, $s] = [cos(deg2rad($a)), sin(deg2rad($a))];
            $m->tube([[0.2, 0, 0, 0.015], [0.45, 0.0, 0, 0.03], [0.62, 0.0, 0, 0.035], [0.68, 0.01, 0, 0.028]]);
            $w = static fn (float $x, float $r, int $side): array => [$x, 0.01 + $r * $s, $r * $c * $side];
            $m->both(fn (int $side) => $m->sheet([$w(0.6, 0.0, $side), $w(0.82, 0.34, $side), $w(0.92, 0.62, $side), $w(0.8, 0.66, $side), $w(0.6, 0.56, $side), $w(0.48, 0.4, $side), $w(0.48, 0.05, $side)])->sheet([$w(0.52, 0.02, $side), $w(0.44, 0.4, $side), $w(0.26, 0.5, $side), $w(0.08, 0.42, $side), $w(0.06, 0.26, $side), $w(0.22, 0.1, $side), $w(0.42, 0.02, $side)]));
            $m->both(fn (int $side) => $m->tube([[0.69, 0.02, 0.01 * $side, 0.006], [0.86, 0.12, 0.08 * $side, 0.006], [0.88, 0.13, 0.085 * $side, 0.012]]));

            return $m->place('head', 0.68, 0.01, 0)->place('eye', 0.69, 0.02, 0.02)->place('chest', 0.58, 0, 0);
        };
        $moth = static function (float $up): Model {
            $m = new Model;
            $m->below = 4;
            $m->pitch = 12;
            $m->tube([[0.0, -0.02, 0, 0.03], [0.2, 0.0, 0, 0.1], [0.5, 0.03, 0, 0.12], [0.68, 0.05, 0, 0.12], [0.78, 0.05, 0, 0.075]])->tube([[0.82, 0.05, 0, 0.008], [1.0, -0.04, 0, 0.006], [1.12, -0.18, 0, 0.006]]);
            $m->both(fn (int $side) => $m->sheet([[0.7, 0.12, 0.06 * $side], [0.62, 0.12 + 0.34 * $up, 0.42 * $side], [0.4, 0.12 + 0.52 * $up, 0.66 * $side], [0.4, 0.12 + 0.52 * $up, 0.66 * $side], [0.36, 0.12 + 0.24 * $up, 0.34 * $side], [0.5, 0.1, 0.08 * $side]])->sheet([[0.52, 0.1, 0.06 * $side], [0.38, 0.1 + 0.2 * $up, 0.3 * $side], [0.26, 0.1 + 0.18 * $up, 0.3 * $side], [0.36, 0.06, 0.06 * $side]]));

            return $m->place('head', 0.78, 0.05, 0)->place('eye', 0.8, 0.07, 0.06)->place('chest', 0.62, 0.05, 0.05);
        };

        return [
            'dragonfly' => [static fn (): Model => $dragonfly(0.7), static fn (): Model => $dragonfly(-0.3)], 'bee' => [static fn (): Model => $bee(0.9), static fn (): Model => $bee(-0.2)],
            'butterfly' => [static fn (): Model => $butterfly(62), static fn (): Model => $butterfly(20), static fn (): Model => $butterfly(84)], 'moth' => [static fn (): Model => $moth(1.0), static fn (): Model => $moth(-0.6)], 'insect' => [static fn (): Model => $dragonfly(0.7)],
        ];
    }
}
