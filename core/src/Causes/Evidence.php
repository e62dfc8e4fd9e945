<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Blur\Ellipse;
use RushHold\Blur\Verdict;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Review\SharpWhere;
use RushHold\Rush\Rush;

/** What a burst answers by itself: by the frames that were measured, and by the settings that were logged. */
final class Evidence
{
    /** Fewer frames show no course. */
    private const COURSE_FRAMES = 4;

    /** So many times as soft at once is a jump, not a drift. */
    private const JUMP = 2.0;

    /** Fewer frames say nothing of size or side. */
    private const FEW = 3;

    /** Up to so many times what counts as sharp is a little soft, beyond so many much. */
    private const LITTLE = 2.0;

    private const MUCH = 5.0;

    /** Up to this share of frames on the other side is an error of measuring. */
    private const ASTRAY = 0.12;

    /** A smear is one from this ratio of its axes on… */
    private const SMEARED = 1.7;

    /** …in this share of the lost frames… */
    private const MOSTLY = 0.55;

    /**
     * @return array<string, string> answers by question; several with a bar between them where frames leave it open
     *   which
     */
    public static function in(LoggedBurst $burst): array
    {
        return array_filter(
            [
                Question::Mode->value => self::mode($burst->hold),
                Question::LeftOver->value => $burst->hold === null || $burst->rush === null ? null : self::leftOver($burst->hold, $burst->rush),
                ...self::frames($burst->measured, $burst->rush),
            ],
            is_string(...),
        );
    }

    private static function mode(?PartialHold $hold): ?string
    {
        $technique = $hold?->get(Setting::Technique);
        $mode = $hold?->get(Setting::Mode);

        return match (true) {
            $technique instanceof Technique && $technique !== Technique::Auto, $mode === FocusMode::Manual => 'by-hand',
            $mode === FocusMode::Single, $mode === FocusMode::SingleThenRing => 'single',
            $mode === FocusMode::AutoSwitch => 'by-itself',
            $mode === FocusMode::Continuous => 'continuous',
            default => null,
        };
    }

    /**
     * Detection that looks for another kind was meant for something else; where it does not, somebody has to be asked.
     */
    private static function leftOver(PartialHold $used, Rush $rush): ?string
    {
        $detect = $used->get(Setting::Detect);

        return $detect instanceof Detection &&
            $detect !== Detection::Off &&
            $rush->subject->kind !== Detection::Off &&
            $detect !== $rush->subject->kind
            ? 'yes'
            : null;
    }

    /**
     * @param  list<MeasuredFrame>  $frames
     * @return array<string, string|null>
     */
    private static function frames(array $frames, ?Rush $rush): array
    {
        if (count($frames) < self::COURSE_FRAMES) {
            return [];
        }
        $lost = array_values(array_filter($frames, static fn (MeasuredFrame $f): bool => ! $f->kept));

        return $lost === []
            ? []
            : [
                Question::Course->value => self::course($frames),
                Question::SharpWhere->value => self::sharpWhere($lost),
                Question::Smear->value => self::smear($lost),
                Question::Size->value => self::size($frames, $lost, $rush),
                Question::Side->value => self::side($lost),
            ];
    }

    /** @param  list<MeasuredFrame>  $frames */
    private static function course(array $frames): string
    {
        $kept = array_map(static fn (MeasuredFrame $f): bool => $f->kept, $frames);
        $count = count($kept);
        $share = count(array_filter($kept)) / $count;
        if ($share < 0.08) {
            return 'never';
        }
        $changes = 0;
        for ($i = 1; $i < $count; $i++) {
            $changes += $kept[$i] === $kept[$i - 1] ? 0 : 1;
        }
        $third = max(1, intdiv($count, 3));
        $first = count(array_filter(array_slice($kept, 0, $third))) / $third;
        $last = count(array_filter(array_slice($kept, -$third))) / $third;

        return match (true) {
            $changes > 0.34 * ($count - 1) => 'alternates',
            $first >= 0.5 && $last <= 0.15 => self::steady($frames) ? 'drifts' : 'jumps',
            $first <= 0.2 && $last >= 0.6 => 'late',
            self::longest($kept, true) >= 3 && self::longest($kept, false) >= 3 => 'jumps',
            default => 'mixed',
        };
    }

    /**
     * Whether the frames after the last sharp one get softer step by step.
     *
     * @param  list<MeasuredFrame>  $frames
     */
    private static function steady(array $frames): bool
    {
        $last = 0;
        foreach ($frames as $i => $frame) {
            $last = $frame->kept ? $i : $last;
        }
        $before = $frames[$last]->ellipse?->deviation();
        $after = ($frames[$last + 1] ?? null)?->ellipse?->deviation();

        return $before === null || $after === null || $after < self::JUMP * $before;
    }

    /** @param  list<bool>  $kept */
    private static function longest(array $kept, bool $what): int
    {
        $longest = $run = 0;
        foreach ($kept as $one) {
            $run = $one === $what ? $run + 1 : 0;
            $longest = max($longest, $run);
        }

        return $longest;
    }

    /**
     * How soft the lost frames are, against the softest that were kept; where none were, against what counts as sharp.
     *
     * @param  list<MeasuredFrame>  $frames
     * @param  list<MeasuredFrame>  $lost
     */
    private static function size(array $frames, array $lost, ?Rush $rush): ?string
    {
        $soft = self::widths($lost);
        $sharp = self::widths(array_values(array_filter($frames, static fn (MeasuredFrame $f): bool => $f->kept)));
        $limit =
            count($sharp) >= self::FEW
                ? max($sharp)
                : ($rush === null
                    ? null
                    : (Verdict::KEEPER_LIMIT * $rush->cocUm()) / (1000 * $rush->kit->body->pitchMm()));
        if (count($soft) < self::FEW || $limit === null) {
            return null;
        }
        sort($soft);
        $times = $soft[intdiv(count($soft), 2)] / $limit;

        return $times < self::LITTLE ? 'little' : ($times < self::MUCH ? 'more' : 'much');
    }

    /**
     * @param  list<MeasuredFrame>  $frames
     * @return list<float> of those that were measured
     */
    private static function widths(array $frames): array
    {
        $widths = [];
        foreach ($frames as $frame) {
            $frame->ellipse === null || ($widths[] = $frame->ellipse->width());
        }

        return $widths;
    }

    /** @param  list<MeasuredFrame>  $lost */
    private static function side(array $lost): ?string
    {
        $behind = count(
            array_filter($lost, static fn (MeasuredFrame $f): bool => $f->sharpWhere === SharpWhere::Farther),
        );
        $known =
            $behind +
            count(array_filter($lost, static fn (MeasuredFrame $f): bool => $f->sharpWhere === SharpWhere::Nearer));
        $fewer = min($behind, $known - $behind) / max(1, $known);

        return $known < self::FEW
            ? null
            : ($fewer <= self::ASTRAY
                ? 'one'
                : ($fewer >= 2 * self::ASTRAY
                    ? 'both'
                    : null));
    }

    /** @param  list<MeasuredFrame>  $lost */
    private static function sharpWhere(array $lost): ?string
    {
        $counts = [];
        $known = 0;
        foreach ($lost as $frame) {
            if ($frame->sharpWhere !== null) {
                $known++;
                $where = match ($frame->sharpWhere) {
                    SharpWhere::Farther => 'behind',
                    // Whether it belongs to the subject only who looks at it can tell.
                    SharpWhere::Nearer => 'before|nearer-part',
                    SharpWhere::Nowhere => 'nothing|nearer-part|slice',
                    SharpWhere::Subject => 'slice',
                    SharpWhere::Elsewhere => null,
                };
                $where === null || ($counts[$where] = ($counts[$where] ?? 0) + 1);
            }
        }
        arsort($counts);
        $most = array_key_first($counts);

        return $most !== null && $counts[$most] >= self::MOSTLY * max(1, $known) && $counts[$most] >= 2 ? $most : null;
    }

    /** @param  list<MeasuredFrame>  $lost */
    private static function smear(array $lost): ?string
    {
        $ellipses = array_values(array_filter(array_map(static fn (MeasuredFrame $f): ?Ellipse => $f->ellipse, $lost)));
        if (count($ellipses) < 3) {
            return null;
        }
        $smeared = array_values(
            array_filter($ellipses, static fn (Ellipse $e): bool => $e->long > self::SMEARED * max(0.2, $e->short)),
        );

        // Where the subject was marked nothing is known of its limbs; and what else is smeared with it has to be looked
        // at.
        return match (true) {
            count($smeared) < (1 - self::MOSTLY) * count($ellipses) => 'none|limbs-only',
            count($smeared) > self::MOSTLY * count($ellipses) => 'whole-frame|subject-only',
            default => null,
        };
    }
}
