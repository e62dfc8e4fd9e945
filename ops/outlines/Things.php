<?php

declare(strict_types=1);

namespace RushHold\Ops\Outlines;

use Closure;

/** What people ride, drive, sail and fly. The unit is the height of somebody upright. */
final class Things
{
    public static function bicycle(Model $m, float $x, float $y, float $z = 0.0, float $tilt = 0.0, float $r = 0.185): Model
    {
        [$c, $s] = [cos(deg2rad($tilt)), sin(deg2rad($tilt))];
        $at = static fn (float $a, float $b): array => [$x + $a * $c - $b * $s, $y + $a * $s + $b * $c, $z];
        foreach ([0.0, 0.57] as $wheel) {
            [$wx, $wy] = $at($wheel, $r);
            $m->ring($wx, $wy, $z, $r, 0.014);
        }
        $m->limb([[...$at(0.0, $r), 0.01], [...$at(0.21, $r - 0.01), 0.012], [...$at(0.47, 0.46), 0.012], [...$at(0.15, 0.46), 0.011], [...$at(0.21, $r - 0.01), 0.012]]);
        $m->limb([[...$at(0.0, $r), 0.009], [...$at(0.15, 0.46), 0.009], [...$at(0.13, 0.53), 0.009]]);
        $m->limb([[...$at(0.57, $r), 0.011], [...$at(0.46, 0.52), 0.012], [...$at(0.53, 0.55), 0.012], [...$at(0.56, 0.49), 0.012]]);
        $m->tube([[...$at(0.07, 0.54), 0.014, 0.03], [...$at(0.2, 0.54), 0.012, 0.012]]);
        $m->limb([[...$at(0.53, 0.55), 0.011], [$at(0.53, 0.55)[0], $at(0.53, 0.55)[1], $z + 0.12, 0.011]])->limb([[...$at(0.53, 0.55), 0.011], [$at(0.53, 0.55)[0], $at(0.53, 0.55)[1], $z - 0.12, 0.011]]);

        return $m->ring($at(0.21, $r - 0.01)[0], $at(0.21, $r - 0.01)[1], $z + 0.02, 0.04, 0.012);
    }

    /** @param  array{list<float>, list<float>, list<float>}  $sits  hips, shoulders and head */
    private static function cyclist(array $sits, float $turned, float $tilt = 0.0, float $lift = 0.0): Model
    {
        $m = self::bicycle(new Model, 0.0, $lift, 0.0, 0.0);
        $m->pitch = $tilt;
        $foot = static fn (float $a): array => [0.21 + 0.1 * cos($a), 0.18 + 0.1 * sin($a) + 0.03 + $lift];
        $legs = [];
        foreach ([$turned + M_PI, $turned] as $a) {
            [$fx, $fy] = $foot($a);
            // The knee is where thigh and shin meet.
            [$hx, $hy] = $sits[0];
            $d = max(0.05, hypot($fx - $hx, $fy - $hy));
            [$thigh, $shin] = [0.25, 0.27];
            $along = max(-1.0, min(1.0, ($thigh ** 2 + $d ** 2 - $shin ** 2) / (2 * $thigh * $d)));
            $angle = atan2($fy - $hy, $fx - $hx) + acos($along);
            $legs = [...$legs, [$hx + $thigh * cos($angle), $hy + $thigh * sin($angle)], [$fx - 0.02, $fy + 0.02]];
        }
        [$sx, $sy] = $sits[1];
        $elbow = [($sx + 0.53) / 2 - 0.02, ($sy + 0.55 + $lift) / 2 - 0.04];
        $hands = [0.55, 0.56 + $lift];

        return People::body($m, $sits[0], $sits[1], $sits[2], [$elbow, $hands, $elbow, $hands], $legs, helmet: true);
    }

    private static function motorcycle(array $sits, float $tilt, bool $rough): Model
    {
        $m = new Model;
        $m->pitch = $tilt;
        $r = 0.18;
        foreach ([0.0, 0.78] as $x) {
            $m->ring($x, $r, 0, $r - 0.03, 0.034)->ball($x, $r, 0, 0.05);
        }
        // Engine, tank, seat, fork.
        $m->tube([[0.22, 0.26, 0, 0.09, 0.08], [0.42, 0.28, 0, 0.12, 0.09], [0.52, 0.34, 0, 0.1, 0.08]])->tube([[0.02, $rough ? 0.5 : 0.46, 0, 0.025], [0.2, 0.44, 0, 0.035, 0.05], [0.4, 0.48, 0, 0.06, 0.07], [0.54, 0.5, 0, 0.05, 0.07], [0.6, 0.48, 0, 0.035]]);
        $m->limb([[0.0, $r, 0, 0.022], [0.26, 0.28, 0, 0.03]])->limb([[0.78, $r, 0, 0.02, 0.05], [0.62, 0.54, 0, 0.022, 0.05]])->limb([[0.62, 0.54, -0.16, 0.014], [0.6, 0.57, 0.0, 0.014], [0.62, 0.54, 0.16, 0.014]]);
        $rough ? $m->tube([[0.6, 0.42, 0, 0.012, 0.03], [0.76, 0.41, 0, 0.012, 0.03], [0.9, 0.38, 0, 0.01, 0.02]]) : $m->sheet([[0.46, 0.42, 0], [0.62, 0.62, 0], [0.72, 0.54, 0], [0.66, 0.34, 0], [0.4, 0.2, 0]])->tube([[0.58, 0.56, 0, 0.06, 0.09], [0.68, 0.48, 0, 0.07, 0.09]]);
        [$sx, $sy] = $sits[1];
        $elbow = [($sx + 0.6) / 2 - 0.01, ($sy + 0.56) / 2 + ($rough ? 0.03 : -0.05)];

        return People::body($m, $sits[0], $sits[1], $sits[2], [[...$elbow, -0.2], [0.6, 0.56, -0.16], [...$elbow, 0.2], [0.6, 0.56, 0.16]], [[0.42, 0.42, -0.12], [0.24, 0.22, -0.1], [0.42, 0.42, 0.12], [0.24, 0.22, 0.1]], bulk: 1.1, helmet: true);
    }

    private static function rides(Model $horse, float $up, float $lean): Model
    {
        // Horses are as long as their trunk is, people in proportion.
        $p = new Model;
        $s = 0.95;
        $at = static fn (float $x, float $y): array => [0.52 + $s * ($x + $lean * $y), 0.0 + $up + $s * $y];
        People::body($horse, $at(0.0, 0.06), $at(0.02, 0.36), $at(0.05, 0.5), [$at(0.12, 0.2), $at(0.26, 0.14), $at(0.12, 0.2), $at(0.26, 0.14)], [[...$at(0.18, -0.04), -0.2], [...$at(0.06, -0.26), -0.2], [...$at(0.18, -0.04), 0.2], [...$at(0.06, -0.26), 0.2]], bulk: 0.95, helmet: true);

        return $horse;
    }

    private static function car(string $kind): Model
    {
        $m = new Model;
        $m->below = -8;
        $edge = match ($kind) {
            'race' => [[0.0, 0.06], [0.0, 0.12], [0.08, 0.13], [0.3, 0.16], [0.38, 0.24], [0.46, 0.24], [0.5, 0.17], [0.62, 0.16], [0.92, 0.08], [1.02, 0.06], [1.02, 0.035], [0.1, 0.035]],
            'kart' => [[0.05, 0.08], [0.05, 0.16], [0.25, 0.18], [0.4, 0.13], [0.7, 0.14], [0.95, 0.16], [1.0, 0.08]],
            default => [[0.0, 0.08], [0.0, 0.2], [0.05, 0.24], [0.18, 0.25], [0.3, 0.35], [0.56, 0.35], [0.71, 0.24], [0.94, 0.2], [1.0, 0.16], [1.0, 0.07]],
        };
        $m->solid($edge, $kind === 'race' ? 0.11 : 0.21);
        $r = $kind === 'race' ? 0.08 : ($kind === 'kart' ? 0.065 : 0.088);
        foreach ([0.19, $kind === 'race' ? 0.8 : 0.79] as $x) {
            $m->both(static fn (int $side) => $m->tube([[$x, $r, 0.17 * $side, $r, 0.03], [$x + 0.001, $r, 0.2 * $side, $r, 0.03]])->ring($x, $r, 0.18 * $side, $r * 0.6, $r * 0.42));
        }
        if ($kind === 'race') {
            $m->solid([[-0.02, 0.24], [-0.02, 0.27], [0.09, 0.27], [0.09, 0.25]], 0.18)->solid([[0.0, 0.1], [0.0, 0.26], [0.05, 0.26], [0.05, 0.1]], 0.012, 0.17)->solid([[0.94, 0.03], [0.94, 0.05], [1.06, 0.05], [1.06, 0.03]], 0.2)->tube([[0.42, 0.25, 0, 0.04], [0.421, 0.26, 0, 0.04]]);
        } elseif ($kind === 'kart') {
            $m->tube([[0.3, 0.2, 0, 0.08], [0.36, 0.36, 0, 0.08], [0.37, 0.42, 0, 0.05]])->tube([[0.39, 0.52, 0, 0.075], [0.4, 0.51, 0, 0.07]])->both(static fn (int $side) => $m->limb([[0.38, 0.4, 0.1 * $side, 0.035], [0.5, 0.3, 0.14 * $side, 0.03], [0.6, 0.32, 0.06 * $side, 0.026]]))->limb([[0.34, 0.18, 0.06, 0.05], [0.6, 0.22, 0.07, 0.04], [0.76, 0.14, 0.07, 0.03]]);
        } else {
            $m->solid([[0.0, 0.29], [0.02, 0.33], [0.13, 0.33], [0.1, 0.3]], 0.19)->limb([[0.08, 0.24, 0.1, 0.012], [0.07, 0.31, 0.1, 0.012]]);
        }

        return $m->place('head', 0.42, $kind === 'kart' ? 0.52 : 0.26, 0)->place('chest', 0.55, 0.15, 0.1)->place('eye', 0.9, 0.16, 0.1);
    }

    private static function vessel(string $kind): Model
    {
        $m = new Model;
        $m->cut = 0.0;
        $hull = static fn (float $high, float $half): Model => $m->solid([[-0.02, 0.0], [-0.03, $high * 0.9], [0.5, $high], [1.0, $high * 1.25], [0.92, 0.0]], $half * 0.6)->sheet([[0.9, $high * 0.6, -$half * 0.6], [1.03, $high * 1.3, 0], [1.03, $high * 1.3, 0], [0.9, $high * 0.6, $half * 0.6]]);
        if ($kind === 'sailing') {
            $m->bank = -12;
            $hull(0.1, 0.2)->limb([[0.62, 0.1, 0, 0.01], [0.6, 1.25, 0, 0.007]])->sheet([[0.6, 1.22, 0], [0.6, 1.22, 0], [0.3, 0.62, 0.06], [0.02, 0.2, 0.1], [0.02, 0.2, 0.1], [0.6, 0.18, 0], [0.6, 0.18, 0]])->sheet([[0.61, 0.98, 0], [0.61, 0.98, 0], [0.82, 0.55, 0.05], [1.0, 0.15, 0.02], [1.0, 0.15, 0.02], [0.66, 0.2, 0.06]]);
            People::body($m, [0.26, 0.16], [0.22, 0.36], [0.22, 0.46], [[0.3, 0.28, -0.2], [0.36, 0.24, -0.1], [0.3, 0.28, -0.2], [0.36, 0.24, -0.1]], [[0.38, 0.2, -0.1], [0.4, 0.1, -0.05], [0.38, 0.2, -0.1], [0.4, 0.1, -0.05]], 0.75);
        } elseif ($kind === 'power') {
            $m->pitch = 6;
            $hull(0.16, 0.24)->solid([[0.1, 0.16], [0.16, 0.26], [0.5, 0.24], [0.62, 0.19]], 0.1)->tube([[0.38, 0.3, 0, 0.05], [0.381, 0.3, 0, 0.05]])->solid([[0.02, 0.14], [0.0, 0.34], [0.06, 0.34], [0.08, 0.14]], 0.02);
            $m->place('head', 0.38, 0.3, 0)->place('eye', 0.4, 0.3, 0.03)->place('chest', 0.5, 0.16, 0.1);
        } elseif ($kind === 'rowing') {
            $m->tube([[-0.5, 0.05, 0, 0.015], [0.0, 0.03, 0, 0.035, 0.07], [0.6, 0.03, 0, 0.035, 0.07], [1.2, 0.06, 0, 0.012]]);
            foreach ([0.05, 0.45] as $x) {
                People::body($m, [$x, 0.1], [$x - 0.06, 0.32], [$x - 0.06, 0.43], [[$x + 0.1, 0.24], [$x + 0.2, 0.22], [$x + 0.1, 0.24], [$x + 0.2, 0.22]], [[$x + 0.16, 0.22], [$x + 0.28, 0.08], [$x + 0.16, 0.22], [$x + 0.28, 0.08]], 0.8);
                $m->both(static fn (int $side) => $m->limb([[$x + 0.2, 0.22, 0.06 * $side, 0.008], [$x - 0.05, 0.12, 0.6 * $side, 0.008], [$x - 0.12, 0.06, 0.85 * $side, 0.012, 0.04]]));
            }
        } else {
            // A kayak.
            $m->tube([[-0.35, 0.12, 0, 0.012], [-0.1, 0.05, 0, 0.05, 0.1], [0.35, 0.05, 0, 0.055, 0.11], [0.75, 0.16, 0, 0.012]]);
            People::body($m, [0.12, 0.12], [0.17, 0.38], [0.21, 0.5], [[0.28, 0.42, -0.18], [0.4, 0.5, -0.16], [0.24, 0.26, 0.2], [0.36, 0.2, 0.2]], [[0.3, 0.1], [0.4, 0.08], [0.3, 0.1], [0.4, 0.08]], 0.95, helmet: true)->limb([[0.46, 0.74, -0.3, 0.03, 0.012], [0.43, 0.6, -0.2, 0.011], [0.34, 0.08, 0.26, 0.011], [0.3, -0.1, 0.36, 0.03, 0.012]]);
        }

        return $m;
    }

    private static function plane(bool $jet): Model
    {
        $m = new Model;
        $m->below = 12;
        $m->bank = $jet ? 26 : 8;
        $m->tube([[0.0, 0.02, 0, 0.02], [0.2, 0.01, 0, 0.045], [0.5, 0.0, 0, $jet ? 0.05 : 0.065], [0.78, 0.0, 0, $jet ? 0.045 : 0.06], [$jet ? 1.0 : 0.92, -0.01, 0, $jet ? 0.006 : 0.045]]);
        $m->tube([[0.5, 0.05, 0, 0.02], [0.6, $jet ? 0.06 : 0.075, 0, 0.035], [0.72, 0.03, 0, 0.02]]);
        $m->sheet([[0.2, 0.03, 0], [0.2, 0.03, 0], [0.1, 0.2, 0], [0.1, 0.2, 0], [0.0, 0.2, 0], [0.0, 0.2, 0], [0.02, 0.03, 0]]);
        $m->both(static fn (int $side) => $jet
            ? $m->sheet([[0.68, 0, 0.03 * $side], [0.68, 0, 0.03 * $side], [0.26, 0, 0.34 * $side], [0.26, 0, 0.34 * $side], [0.18, 0, 0.34 * $side], [0.24, 0, 0.03 * $side]])->sheet([[0.16, 0.01, 0.02 * $side], [0.02, 0.01, 0.16 * $side], [0.02, 0.01, 0.16 * $side], [-0.03, 0.01, 0.15 * $side], [0.02, 0.01, 0.02 * $side]])
            : $m->sheet([[0.68, -0.03, 0.04 * $side], [0.66, 0.02, 0.62 * $side], [0.66, 0.02, 0.62 * $side], [0.54, 0.02, 0.62 * $side], [0.5, -0.03, 0.04 * $side]])->sheet([[0.14, 0.03, 0.02 * $side], [0.12, 0.03, 0.22 * $side], [0.04, 0.03, 0.22 * $side], [0.02, 0.03, 0.02 * $side]]));
        $jet || $m->tube([[0.94, -0.01, -0.02, 0.14, 0.006], [0.945, -0.01, 0.02, 0.14, 0.006]])->both(static fn (int $side) => $m->limb([[0.66, -0.06, 0.08 * $side, 0.01], [0.68, -0.14, 0.12 * $side, 0.028, 0.014]]));

        return $m->place('head', 0.62, 0.06, 0)->place('eye', 0.64, 0.06, 0.02)->place('chest', 0.55, 0.0, 0.05);
    }

    private static function train(): Model
    {
        $m = new Model;
        $m->below = -4;

        return $m->solid([[-1.2, 0.04], [-1.2, 0.3], [0.78, 0.3], [0.92, 0.24], [1.02, 0.1], [1.0, 0.04]], 0.12)->solid([[-1.0, 0.0], [-1.0, 0.05], [0.8, 0.05], [0.8, 0.0]], 0.1)->place('head', 0.88, 0.2, 0)->place('eye', 0.96, 0.14, 0.06)->place('chest', 0.5, 0.16, 0.1);
    }

    /** @return array<string, non-empty-list<Closure(): Model>> */
    public static function all(): array
    {
        $seated = [[0.12, 0.6], [0.36, 0.8], [0.46, 0.9]];
        $low = [[0.1, 0.6], [0.38, 0.72], [0.5, 0.78]];
        $standing = [[0.2, 0.68], [0.4, 0.88], [0.5, 0.98]];
        $turns = static fn (array $sits): array => [static fn (): Model => self::cyclist($sits, -0.5), static fn (): Model => self::cyclist($sits, 1.1)];
        $horse = Beast::horse();
        $mounted = static fn (array $swing, array $lift, float $pitch, float $up, float $lean, array $look = [0, 0]): Closure => static fn (): Model => self::rides($horse->pose($swing, $lift, 0.0, $pitch, $look, 8), $up, $lean);
        $polo = static fn (): Model => self::rides($horse->pose([0.8, 0.6, -0.9, -0.7], [0.0, 0.1, 0.0, 0.1], 0.0), 0.0, 0.1)->limb([[0.78, 0.14, 0.2, 0.012], [0.95, -0.66, 0.34, 0.01], [0.95, -0.68, 0.24, 0.025]]);
        $kite = static function (): Model {
            $m = People::body(new Model, [0.0, 0.5], [-0.08, 0.76], [-0.08, 0.9], [[0.06, 0.76], [0.18, 0.84], [0.06, 0.74], [0.18, 0.82]], [[0.18, 0.4], [0.2, 0.16], [0.12, 0.36], [0.02, 0.16]])->tube([[-0.18, 0.14, 0, 0.02, 0.07], [0.42, 0.14, 0, 0.02, 0.07]]);

            return $m->limb([[0.18, 0.83, 0.1, 0.006], [0.62, 1.6, 0.3, 0.006]])->limb([[0.18, 0.83, -0.1, 0.006], [0.62, 1.6, -0.3, 0.006]])->tube([[0.48, 1.45, -0.6, 0.02], [0.66, 1.68, -0.3, 0.05], [0.72, 1.75, 0.0, 0.06], [0.66, 1.68, 0.3, 0.05], [0.48, 1.45, 0.6, 0.02]]);
        };

        return [
            'rider' => $turns($seated), 'road-cyclist' => $turns($low), 'rider-standing' => $turns($standing), 'bmx' => [static fn (): Model => self::cyclist($standing, 0.2, 24), static fn (): Model => self::cyclist($standing, 0.2, -8)],
            'motorcycle' => [static fn (): Model => self::motorcycle([[0.14, 0.56], [0.4, 0.68], [0.5, 0.74]], 0, false)], 'motocross' => [static fn (): Model => self::motorcycle([[0.12, 0.68], [0.34, 0.92], [0.42, 1.03]], 18, true), static fn (): Model => self::motorcycle([[0.12, 0.68], [0.34, 0.92], [0.42, 1.03]], -6, true)],
            'vehicle' => [static fn (): Model => self::car('rally')], 'race-car' => [static fn (): Model => self::car('race')], 'kart' => [static fn (): Model => self::car('kart')],
            'boat' => [static fn (): Model => self::vessel('power')], 'sailing-boat' => [static fn (): Model => self::vessel('sailing')], 'rowing-boat' => [static fn (): Model => self::vessel('rowing')], 'kayak' => [static fn (): Model => self::vessel('kayak')], 'kite-surfer' => [$kite],
            'aeroplane' => [static fn (): Model => self::plane(true)], 'propeller-plane' => [static fn (): Model => self::plane(false)], 'train' => [static fn (): Model => self::train()],
            'horse-rider' => [$mounted([1.0, 0.85, -1.05, -0.9], [0.0, 0.1, 0.0, 0.1], 0, 0.04, 0.55, [-8, 0]), $mounted([-0.6, -0.3, 0.7, 0.5], [0.25, 0.35, 0.15, 0.25], 0, 0.04, 0.5, [-4, 0])],
            'show-jumper' => [$mounted([0.7, 0.6, -1.15, -1.05], [0.62, 0.66, 0.0, 0.05], 20, 0.08, 0.5), $mounted([0.9, 0.7, -0.8, -0.6], [0.2, 0.25, 0.4, 0.45], -8, 0.06, 0.3)], 'dressage' => [$mounted([0.55, -0.3, -0.3, 0.4], [0.4, 0.05, 0.05, 0.3], 0, 0.0, 0.0, [14, -30])], 'polo' => [$polo],
            'plain' => [static fn (): Model => (new Model)->tube([[0.5, 0.5, 0, 0.5], [0.501, 0.5, 0, 0.5]])->place('head', 0.5, 0.5, 0)->place('eye', 0.5, 0.5, 0)->place('chest', 0.5, 0.5, 0)],
        ];
    }
}
