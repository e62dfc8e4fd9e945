<?php

declare(strict_types=1);

namespace RushHold\Document;

use DateTimeImmutable;
use RushHold\Kit\Detection;
use RushHold\Kit\Support;
use RushHold\Light\Exposure;
use RushHold\Light\Lamps;
use RushHold\Light\Sky;
use RushHold\Light\Surface;
use RushHold\Motion\Path;
use RushHold\Motion\SpeedChange;
use RushHold\Optics\FinalUse;
use RushHold\Refused;
use RushHold\Rush\Companion;
use RushHold\Rush\Figure;
use RushHold\Rush\Freeze;
use RushHold\Rush\Hazard;
use RushHold\Rush\Light;
use RushHold\Rush\Openness;
use RushHold\Rush\Photographer;
use RushHold\Rush\Rush;
use RushHold\Rush\Scene;
use RushHold\Rush\Subject;

/** A rush as a document, format `rush-hold/rush@1`; formats/rush.schema.json describes it. */
final readonly class RushDocument
{
    public const FORMAT = 'rush-hold/rush@1';

    /** Characters of the line it was made from. */
    public const LONGEST_LINE = 500;

    /** @param  array<string, mixed>  $fields  the whole document, defaults filled in */
    private function __construct(public Rush $rush, public array $fields)
    {
    }

    /** @throws Refused if a field is missing, unknown, of the wrong type or out of range */
    public static function read(mixed $document): self
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT);
        $top->need('subject');
        $top->need('path');
        $name = $top->text('name', 'Rush');
        $top->textIfGiven('line', self::LONGEST_LINE);
        [$subject, $speed] = self::subject($top);
        $path = self::path($top, $speed);
        $scene = self::scene($top);
        $light = self::light($top);
        $group = self::group($top);
        $photographer = self::photographer($top);
        $kit = KitDocument::read($top);
        $use = $top->word('final_use', FinalUse::class, FinalUse::Pixel);

        return new self(
            new Rush($name, $subject, $path, $scene, $light, $photographer, $kit, $use, $group),
            $top->done(),
        );
    }

    /**
     * Reads the `subject` part, wherever it stands.
     *
     * @return array{Subject, float} the subject and its speed in m/s
     */
    public static function subject(Fields $top): array
    {
        $f = $top->object('subject');
        $speed = $f->number('speed_mps');
        $height = $f->number('height_m');
        $kind = $f->word('kind', Detection::class, Detection::Animal);
        $subject = new Subject(
            lengthM: $f->number('length_m'),
            heightM: $height,
            depthM: $f->number('depth_m', round($height / 2, 4)),
            aimSizeM: $f->number('aim_size_m', round($height / 5, 4)),
            limbSpeedMps: $f->number('limb_speed_mps', 0.0),
            contrast: $f->number('contrast', 0.7),
            distinct: $f->number('distinct', 0.7),
            kind: $kind,
            erratic: $f->number('erratic', 0.1),
            name: $f->text('name', ''),
            figure: $f->word('figure', Figure::class, Figure::usual($kind, $speed)),
        );
        $top->keep('subject', $f->done());

        return [$subject, $speed];
    }

    private static function path(Fields $top, float $speedMps): Path
    {
        $f = $top->object('path');
        $start = $f->number('start_m');
        $heading = $f->number('heading_deg', 0.0);
        $climb = $f->number('climb_deg', 0.0);
        $seconds = $f->number('seconds', 2.5);
        $notice = $f->number('notice_s', 2.0);
        $repeats = $f->flag('repeats', false);
        $bend = $f->optionalNumber('bend_radius_m');
        $changes = $kept = [];
        foreach ($f->objects('speed_changes', 20) as $change) {
            $changes[] = new SpeedChange(
                $change->number('at_s'),
                $change->number('to_mps'),
                $change->number('over_s', 0.5),
            );
            $kept[] = $change->done();
        }
        $f->keep('speed_changes', $kept);
        $points = $kept = [];
        foreach ($f->objects('points', 40) as $point) {
            $points[] = [$point->number('across_m'), $point->number('away_m')];
            $kept[] = $point->done();
        }
        $f->keep('points', $kept);
        $top->keep('path', $f->done());

        return new Path($start, $speedMps, $heading, $climb, $seconds, $changes, $notice, $repeats, $bend, $points);
    }

    private static function scene(Fields $top): Scene
    {
        $f = $top->object('scene');
        $scene = new Scene(
            frontClutter: $f->number('front_clutter', 0.0),
            frontRatio: $f->number('front_ratio', 0.7),
            obstaclesPerS: $f->number('obstacles_per_s', 0.0),
            obstacleS: $f->number('obstacle_s', 0.3),
            backgroundM: $f->number('background_m', 200.0),
            backgroundTexture: $f->number('background_texture', 0.2),
            backgroundAlike: $f->number('background_alike', 0.1),
            wind: $f->number('wind', 0.0),
            backlit: $f->flag('backlit', false),
            surface: $f->word('surface', Surface::class, Surface::Grass),
            lineHeightM: $f->number('line_height_m', 1.5),
            hazards: $f->words('hazards', Hazard::class, []),
        );
        $top->keep('scene', $f->done());

        return $scene;
    }

    private static function light(Fields $top): Light
    {
        $f = $top->object('light');
        $sources = array_values(array_filter(['ev100', 'meter', 'place'], $f->has(...)));
        if (count($sources) > 1) {
            throw Refused::because('light', 'light-one', given: implode(', ', $sources));
        }
        $offset = $f->number('offset_stops', 0.0);
        $sky = $f->word('sky', Sky::class, Sky::Clear);
        $lamps = $f->wordIfGiven('lamps', Lamps::class);
        if ($f->has('meter')) {
            $meter = $f->object('meter');
            $light = Light::metered(
                new Exposure($meter->number('shutter_s'), $meter->number('aperture'), $meter->number('iso')),
                $offset,
                $sky,
                $lamps,
            );
            $f->keep('meter', $meter->done());
        } elseif ($f->has('place')) {
            $place = $f->object('place');
            $at = $place->text('at', null, 40);
            $moment = DateTimeImmutable::createFromFormat(DATE_ATOM, $at);
            // What is not in the calendar, such as the 40th, is moved on with a warning.
            $warned = (DateTimeImmutable::getLastErrors() ?: ['warning_count' => 0])['warning_count'] > 0;
            if ($moment === false || $warned || ! in_array(substr($at, 0, 2), ['19', '20', '21'], true)) {
                throw Refused::because('light.place.at', 'light-time');
            }
            $light = Light::fromPlace(
                $place->number('latitude_deg'),
                $place->number('longitude_deg'),
                $moment,
                $sky,
                $offset,
                $place->optionalNumber('shooting_bearing_deg'),
                $lamps,
            );
            $f->keep('place', $place->done());
        } else {
            $light = Light::value($f->number('ev100', $lamps?->ev100() ?? 13.0), $offset, $sky, $lamps);
        }
        $top->keep('light', $f->done());

        return $light;
    }

    /** @return list<Companion> */
    private static function group(Fields $top): array
    {
        $companions = $kept = [];
        foreach ($top->objects('group', 20) as $i => $member) {
            $companions[] = new Companion($member->number('distance_m'), $member->number('across_m', 0.0), "group[$i]");
            $kept[] = $member->done();
        }
        $top->keep('group', $kept);

        return $companions;
    }

    /** Reads the `photographer` part, wherever it stands. */
    public static function photographer(Fields $top): Photographer
    {
        $f = $top->object('photographer');
        $photographer = new Photographer(
            aim: $f->number('aim', 0.5),
            panning: $f->number('panning', 0.5),
            handFocus: $f->number('hand_focus', 0.3),
            support: $f->word('support', Support::class, Support::Handheld),
            isoCeiling: $f->number('iso_ceiling', 6400.0),
            freeze: $f->word('freeze', Freeze::class, Freeze::Body),
            openness: $f->word('openness', Openness::class, Openness::OneStopDown),
            slowestShutterS: $f->optionalNumber('slowest_shutter_s'),
            firstSharpS: $f->optionalNumber('first_sharp_s'),
            firstSharpByHandS: $f->optionalNumber('first_sharp_by_hand_s'),
        );
        $top->keep('photographer', $f->done());

        return $photographer;
    }
}
