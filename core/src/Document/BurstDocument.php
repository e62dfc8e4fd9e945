<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Blur\Ellipse;
use RushHold\Range;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Refused;
use RushHold\Review\SharpWhere;
use RushHold\Rush\Rush;

/**
 * A burst as a document, format `rush-hold/burst@1`; formats/burst.schema.json describes it. All but frames and keepers
 * may be left out.
 */
final class BurstDocument
{
    public const FORMAT = 'rush-hold/burst@1';

    private const MOST_MEASURED = 5000;

    private const MOST_ANSWERS = 50;

    /** @throws Refused if a field is unknown, of the wrong type or out of range */
    public static function read(mixed $document): LoggedBurst
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT, false);
        $at = $top->textIfGiven('at', 40);
        if (
            $at !== null &&
            preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:\d\d)$/', $at) !== 1
        ) {
            throw Refused::because('at', 'burst-time');
        }
        $rush = $top->rawIfGiven('rush');
        $hold = $top->rawIfGiven('hold');
        $burst = new LoggedBurst(
            $top->whole('frames'),
            $top->whole('keepers'),
            $at,
            $top->has('rush') ? self::rush($rush) : null,
            $top->has('hold') ? HoldDocument::read($hold) : null,
            self::losses($top),
            self::measured($top),
            self::answers($top),
            $top->text('note', '', 500),
        );
        $top->done();

        return $burst;
    }

    /**
     * @param  array<string, mixed>|null  $rush  the document of its rush
     * @return array<string, mixed>
     */
    public static function write(LoggedBurst $burst, ?array $rush = null): array
    {
        return [
            'format' => self::FORMAT,
            ...$burst->at === null ? [] : ['at' => $burst->at],
            ...$rush === null ? [] : ['rush' => $rush],
            ...$burst->hold === null
                ? []
                : ['hold' => ['format' => HoldDocument::FORMAT, ...HoldDocument::settings($burst->hold)]],
            'frames' => $burst->frames,
            'keepers' => $burst->keepers,
            'losses' => (object) $burst->losses,
            'measured' => array_map(
                static fn (MeasuredFrame $frame): array => [
                    't_s' => $frame->tS === null ? null : round($frame->tS, 3),
                    'kept' => $frame->kept,
                    'sigma_px' => self::rounded($frame->ellipse?->deviation()),
                    'long_px' => self::rounded($frame->ellipse?->long),
                    'short_px' => self::rounded($frame->ellipse?->short),
                    'angle_deg' => self::rounded($frame->ellipse?->angleDeg),
                    'sharp_where' => $frame->sharpWhere?->value,
                ],
                $burst->measured,
            ),
            'answers' => (object) $burst->answers,
            'note' => $burst->note,
        ];
    }

    /** @throws Refused naming the rush */
    private static function rush(mixed $document): Rush
    {
        try {
            return RushDocument::read($document)->rush;
        } catch (Refused $refused) {
            throw $refused->in('rush');
        }
    }

    /** @return array<string, int> */
    private static function losses(Fields $top): array
    {
        $fields = $top->object('losses');
        $losses = [];
        foreach ($fields->names() as $cause) {
            $losses[$cause] = $fields->whole($cause, 0);
        }
        $top->keep('losses', $fields->done());

        return $losses;
    }

    /** @return array<string, string> */
    private static function answers(Fields $top): array
    {
        $fields = $top->object('answers');
        if (count($fields->names()) > self::MOST_ANSWERS) {
            throw Refused::because('answers', 'burst-answers', most: self::MOST_ANSWERS);
        }
        $answers = [];
        foreach ($fields->names() as $question) {
            $answers[$question] = $fields->text($question, '', 60);
        }
        $top->keep('answers', $fields->done());

        return $answers;
    }

    /** @return list<MeasuredFrame> */
    private static function measured(Fields $top): array
    {
        $frames = $kept = [];
        foreach ($top->objects('measured', self::MOST_MEASURED) as $i => $fields) {
            $fields->optionalNumber('sigma_px');
            [$long, $short, $angle] = [
                $fields->optionalNumber('long_px'),
                $fields->optionalNumber('short_px'),
                $fields->optionalNumber('angle_deg'),
            ];
            $where = $fields->optionalWord('sharp_where', SharpWhere::class);
            foreach (['long_px' => $long, 'short_px' => $short] as $name => $pixels) {
                $pixels === null || Range::of(0, 1000, 'pixels')->check("measured[$i].$name", $pixels);
            }
            $frames[] = new MeasuredFrame(
                $fields->optionalNumber('t_s'),
                $fields->flag('kept', false),
                $long === null || $short === null ? null : Ellipse::fromAxes($long, $short, $angle ?? 0.0),
                $where,
            );
            $kept[] = $fields->done();
        }
        $top->keep('measured', $kept);

        return $frames;
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 2);
    }
}
