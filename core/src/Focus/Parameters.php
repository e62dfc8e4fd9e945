<?php

declare(strict_types=1);

namespace RushHold\Focus;

/**
 * The numbers the focus simulation stands on, each with its meaning, unit and where it comes from. They describe
 * bodies, lenses and people in general; none belongs to one situation.
 */
final class Parameters
{
    // Pointing; how far the aim strays is in Aim.

    /** Time in which aim wanders and is brought back, s: eye and hand correct about three times a second. */
    public const AIM_MEMORY_S = 0.45;

    /** Time to find a subject in the finder when there was no warning, s. */
    public const FINDING_S = 0.192;

    /** Miss at first sight without warning, as a share of the frame width. */
    public const FIRST_MISS = 0.18;

    /**
     * Spread from day to day of how well somebody aims, as the natural logarithm: on a bad day the miss is half as
     * large again.
     */
    public const DAY = 0.3034;

    /** How much larger than usual the rare large misses are: what the eye loses for a moment. */
    public const STRAY = 0.1049;

    /**
     * Time until finger and eye are with a subject that moves when it comes by surprise, s: a master's, and added
     * without practice. It is noticing, raising the camera, finding the subject in the view, and beginning to go with
     * it.
     */
    public const READY_S = [0.22, 3.15];

    /** The time falls with skill to this power: most is gained early. */
    public const READY_POWER = 4.1;

    /** Share of that time which no warning takes away: going with it begins when it comes. */
    public const READY_FORESEEN = 0.55;

    /** Warning takes the rest away, all but a third in so long, s: eyes up, camera up, the place in the view. */
    public const READY_NOTICE_S = 3.0;

    /**
     * Share of the passes of a wholly erratic subject that come from the side where the area is not, and for which it
     * is moved: as often one turns the camera.
     */
    public const OTHER_SIDE = 0.25;

    /**
     * A view this wide takes that time to be searched through, rad; it grows as the root of what is narrower, from so
     * many to so many times.
     */
    public const READY_VIEW_RAD = 0.072;

    public const READY_BY_VIEW = [0.4, 2.0];

    /** However quick somebody was by the stopwatch, eye and finger need so long, s. */
    public const READY_LEAST_S = 0.05;

    /**
     * Share of the time in which somebody without practice does not focus at all on what moves: the finger came off, or
     * the camera was moved on and pressed anew. It goes with the cube of what practice lacks.
     */
    public const LAPSES = 0.16;

    /**
     * A subject of this share of the frame, where it begins, takes that time; a smaller one is longer looked for, a
     * larger one less.
     */
    public const READY_AT_SIZE = 0.138;

    /** …from so many to so many times: also what fills the frame has to be met. */
    public const READY_BY_SIZE = [0.55, 3.0];

    /** A subject this fast, in frame widths a second, takes twice that time to be found and followed. */
    public const READY_AT_FRAMES_PER_S = 29.597;

    // The subject.

    /**
     * How far the part to be sharp swings to and fro about the body's way, s of the limbs' speed: a gallop, wing beats,
     * pedalling.
     */
    public const SWING_S = 0.012;

    /** …but no more than this share of its length. */
    public const SWING_OF_SIZE = 0.08;

    /**
     * How far the body itself heaves up and down with each beat or stride, s of the limbs' speed, and at most this
     * share of its height.
     */
    public const HEAVE_S = 0.0025;

    public const HEAVE_OF_SIZE = 0.08;

    /**
     * Share of frames in which the part to be sharp is turned away, edge on or behind a wing: of what keeps still,
     * added for whatever moves, and added for the wholly erratic.
     */
    public const TURNED = [0.005, 0.005, 0.22];

    /**
     * What beats while the lines of the sensor are read comes out bent: by more than this share of its height the
     * picture is lost.
     */
    public const BENT = 0.12;

    /** How far strong wind moves what sits or stands on something that bends, m. */
    public const WIND_SWAY_M = 0.02;

    /** Share of that which a master has left: who knows wind waits for the lull. */
    public const WIND_LULL = 0.38;

    /** How far a body that carries the camera sways fore and aft, m: a master's, and added without practice. */
    public const BODY_SWAY_M = [0.0004, 0.0007];

    /** Time for which these swings keep their side, s. */
    public const SWING_MEMORY_S = 0.2;

    /** Below this speed a subject is where it sits or stands, and goes with the wind, m/s. */
    public const SITS_MPS = 0.5;

    /** Change of speed along the line of sight of a wholly erratic subject, as a share of its speed. */
    public const ERRATIC_SPEED = 0.1885;

    /** Pause between short bursts or single frames, s: a finger lifted and pressed again. */
    public const BREATH_S = 0.35;

    // What the area sees.

    /** Share of the frame that one patch of clutter covers: a leaf, a blade, a shoulder at a distance. */
    public const PATCH = 0.012;

    /** Time for which a patch stays where it is against a moving subject, s. */
    public const PATCH_MEMORY_S = 0.2;

    /** Share of clutter that is left in a placed area when the subject keeps still and one looks for a gap. */
    public const GAP_FOUND = 0.285;

    /**
     * The same when the subject moves: no time to look for a gap, but what is placed on the subject still meets less
     * than a patch put down anywhere. Set so that parking overtakes a point where three quarters are covered.
     */
    public const GAP_MOVING = 0.7;

    /** Blur above this share of the subject's size hides it: nothing there can be measured or recognised. */
    public const VISIBLE_BLUR = 0.15;

    /** Height in pixels at which half of all subjects are recognised. */
    public const DETECT_HALF_PIXELS = 64.9231;

    /** Size in pixels of the aim part from which eye detection works mostly. */
    public const EYE_HALF_PIXELS = 17;

    /** Nothing is recognised any more at this share of the blur that hides everything. */
    public const RECOGNISED_BLUR = 0.6;

    /** Others of its kind stand so much nearer or farther than the subject, as a share of its distance. */
    public const RIVAL_GAP = 0.15;

    /** Chance in an area as large as the frame that a like one is recognised instead, where all around looks alike. */
    public const RIVAL = 0.6;

    /** How readily a body goes over to a rival, by what wins: what is held, what is in the middle, the nearest. */
    public const RIVAL_WINS = ['held' => 0.35, 'middle' => 0.8, 'nearest' => 1.0];

    /** A rival that was taken for the subject is held for so long beyond its reason, s. */
    public const RIVAL_HELD_S = 0.9313;

    /** How much a crisper background pulls, by what wins. */
    public const PULL_WINS = ['held' => 0.7, 'middle' => 1.0, 'nearest' => 0.35];

    /** How much nearer clutter pulls, by what wins. */
    public const CLUTTER_WINS = ['held' => 0.85, 'middle' => 0.8, 'nearest' => 1.4];

    /** Frame-to-frame spread of what warm air does, as the natural logarithm of the blur. */
    public const AIR_SPREAD = 0.35;

    /** Depth between the aim part and the part nearest to the camera, as a share of the subject's depth. */
    public const PART_OFFSET = 0.41;

    /**
     * A body as deep as this is half round, with no part much nearer; longer ones have a muzzle, legs or a wheel, m.
     */
    public const ROUND_M = 0.25;

    /** Chance by full texture that a block without detection prefers a crisp background to the subject. */
    public const CRISPER_BACKGROUND = 1.8;

    /**
     * A background blurred by more than this share of the frame's height has dissolved: nothing of it can be caught.
     */
    public const DISSOLVED = 0.08;

    /** How often a pattern is lost each second when it looks wholly like its surroundings, or is wholly covered. */
    public const PATTERN_LOST_PER_S = 4.0;

    /**
     * What clutter in front does to a pattern grows as the covered share to this power: one twig hides no pattern,
     * crossing ones take over.
     */
    public const PATTERN_COVERED = 1.5;

    /** How often a lost pattern is found again each second while the centre points at it. */
    public const PATTERN_FOUND_PER_S = 1.5;

    /** Time for which what is recognised, or caught beside the subject, stays the same, s. */
    public const SEEN_MEMORY_S = 0.4;

    /** Time for which an erratic subject keeps a speed, s. */
    public const WAY_MEMORY_S = 0.5;

    // Measurement.

    /** With a mirror nothing is measured for so long from each exposure on, s: up, open, down, and settled. */
    public const BLACKOUT_S = 0.055;

    /**
     * Share of a subject's contrast that is left against the light: its lit side is turned away and the lens flares.
     */
    public const BACKLIT_CONTRAST = 0.6;

    /** Share of subjects that are still recognised against the light, where flare takes the drawing out of them. */
    public const BACKLIT_KNOWN = 0.85;

    /** Scatter of one measurement on a well lit contrasty subject, in circles of confusion of defocus. */
    public const SCATTER = 0.51;

    /**
     * Where a body brings its own lens to, again and again on the same target: standard deviation as a share of the
     * depth of focus at full aperture, still and moving. With the scatter of measuring it comes to the third to a half
     * that single frames of a fine-tune session show.
     */
    public const OWN_SCATTER = [0.2, 0.46];

    /** It grows as contrast to this power falls. */
    public const OWN_CONTRAST = 0.3;

    /** Of frames of what moves, so many are off by more for no reason that anybody finds, by so much more. */
    public const UNEXPLAINED = 0.03;

    public const UNEXPLAINED_TIMES = 6.0;

    /** Share of it that is left where focus is found once and for all: the body makes sure before it says so. */
    public const SCATTER_ONCE = 0.5;

    /** Scatter grows as contrast to this power falls. */
    public const SCATTER_CONTRAST = 1.22;

    /** Scatter in variance that is added at the last light in which a body focuses; halves with each stop. */
    public const SCATTER_DARK = 28.0;

    // Prediction.

    /** Gains of position for nimbleness 0, a half and 1, per cycle at 60 Hz; between them evenly. */
    public const GAIN_POSITION = [0.08, 0.4371, 0.58];

    /** Gains of speed for nimbleness 0, a half and 1, per cycle at 60 Hz; between them evenly. */
    public const GAIN_SPEED = [0.0004, 0.09, 0.22];

    /**
     * @param  array{float, float, float}  $gains
     * @param  float  $nimble  0 to 1
     */
    public static function gain(array $gains, float $nimble): float
    {
        return match (true) {
            $nimble >= 1 => $gains[2],
            $nimble >= 0.5 => $gains[1] + ($gains[2] - $gains[1]) * (2 * $nimble - 1),
            default => $gains[0] + ($gains[1] - $gains[0]) * 2 * $nimble,
        };
    }

    /** With warning, focus is already at work for so long before the first frame, s. */
    public const LEAD_S = 0.6;

    /** A lock-once focus is pressed this long before the first frame, s. */
    public const PRESS_S = 0.15;

    /** Share of measurements that fail at the last light in which a body focuses; halves with two stops. */
    public const DARK_FAILS = 0.6;

    /**
     * Who locks focus once sees that it sits on a twig, and presses again after this, s: a master, and added without
     * practice.
     */
    public const RECHECK_S = [0.6, 1.2];

    /** A body left to decide for itself notices movement at the earliest and at the latest after this, s. */
    public const SWITCH_S = [0.3, 1.2];

    /**
     * Nothing that is photographed closes faster than this, m/s: a falcon that stoops, a racing car. A prediction
     * beyond it is nonsense.
     */
    public const FASTEST_MPS = 110.0;

    /** A prediction is trusted for so long without a measurement before focus stands still, s. */
    public const COAST_S = 0.2523;

    /** A measurement fits when it is within so many scatters of the prediction, or within GATE_SHARE. */
    public const GATE_SCATTERS = 6.0;

    /** …or within this share of the distance. */
    public const GATE_SHARE = 0.04;

    /** A track is young for so many cycles; its speed is not known yet, and what does not fit so well is believed. */
    public const YOUNG_CYCLES = 12;

    /** How much farther off a measurement may be from a young track. */
    public const YOUNG_GATE = 2;

    /** Time from a new thing caught to the lens setting off for it, s: a few cycles to make sure. */
    public const COMMIT_S = 0.055;

    /**
     * The same where it was on something else before: what was wrong for a moment costs more than what was never
     * caught.
     */
    public const JUMP_S = 0.4;

    /** In small steps, each with a start and a stop, a drive covers less than in one sweep: this share. */
    public const IN_STEPS = 0.74;

    /** A detected subject that blinks for this long is waited for, on top of patience, s. */
    public const BLINK_S = 0.2474;

    /** Without anything to measure for this long the body begins to hunt, s. */
    public const HUNT_AFTER_S = 0.6;

    /** Before anything was caught a body looks around for this long until it hunts, s. */
    public const LOOK_S = 0.1994;

    /** Depth of the part a helper catches, as a share of the way to the nearest part within the area. */
    public const HELPER_PART = 0.28;

    /** The same for what a placed area measures at the edge of the subject; less towards the part it is aimed at. */
    public const UNDER_AREA = 0.8;

    /** The same for a subject that is recognised, but not its eye; and for the pattern that `follow` keeps. */
    public const RECOGNISED_PART = 0.23;

    public const PATTERN_PART = 0.25;

    // By hand.

    /** Delay of a hand that follows, s. */
    public const HAND_DELAY_S = 0.25;

    /** Error of a hand on the ring in circles of confusion: master, and added without practice. */
    public const HAND_ERROR = [1.2, 14.0];

    /** Error of a distance that was set beforehand, as a share of it: a master's, and added without practice. */
    public const SET_ERROR = [0.004, 0.03];

    /**
     * Chance that somebody who never practised turns the ring the wrong way when surprised; none for a master, who
     * knows it blind.
     */
    public const WRONG_WAY = 0.5;

    /** Time until a ring turned the wrong way is noticed and turned back, s. */
    public const WRONG_WAY_S = 0.7;

    /**
     * Spread of where a pull ends against where it should, as a share, without practice; a fifth of it is left for a
     * master.
     */
    public const PULL_ERROR = 0.35;

    /** Share in which a master's pull goes with the subject instead of evenly. */
    public const PULL_FELT = 0.88;

    /** A hand starts a pull so many times later without practice than a master's does. */
    public const PULL_LATE = 1.5;

    /**
     * Chance that a point which measures lines of one direction only finds none on a subject without any contrast; it
     * falls with contrast. Of random line patterns about a third lies within the angle such a point cannot use.
     */
    public const ONE_WAY_BLIND = 0.5;

    /** A star point finds detail where a plain one sees little: contrast counts as its power with this exponent. */
    public const STAR_CONTRAST = 0.6;
}
