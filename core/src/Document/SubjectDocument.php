<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Hazard;
use RushHold\Rush\Subject;

/**
 * A subject with where its figures come from, format `rush-hold/subject@1`; formats/subject.schema.json describes it.
 */
final readonly class SubjectDocument
{
    public const FORMAT = 'rush-hold/subject@1';

    /**
     * @param  float|null  $burstMps  its speed when it gives all, m/s
     * @param  float  $sizeUncertainty  of its sizes, as a share
     * @param  float  $speedUncertainty  of its speeds, as a share
     * @param  list<Hazard>  $hazards  what to take care of where it is met
     * @param  array<string, mixed>  $fields  the whole document, defaults filled in
     */
    private function __construct(
        public Subject $subject,
        public float $speedMps,
        public string $group,
        public ?float $burstMps,
        public float $sizeUncertainty,
        public float $speedUncertainty,
        public string $source,
        public string $habit,
        public array $hazards,
        public array $fields,
    ) {
    }

    /** @throws Refused if a field is missing, unknown, of the wrong type or out of range */
    public static function read(mixed $document): self
    {
        $f = Fields::of($document);
        $f->format(self::FORMAT);
        $f->need('subject');
        [$subject, $speed] = RushDocument::subject($f);
        Range::of(0, 120, 'm/s')->check('subject.speed_mps', $speed);
        if (trim($subject->name) === '') {
            throw Refused::because('subject.name', 'subject-nameless');
        }
        $group = $f->text('group', 'Own', 40);
        $burst = $f->optionalNumber('burst_mps');
        $burst === null || Range::of(0, 120, 'm/s')->check('burst_mps', $burst);
        $size = Range::share()->check('size_uncertainty', $f->number('size_uncertainty', 0.1));
        $speedShare = Range::share()->check('speed_uncertainty', $f->number('speed_uncertainty', 0.25));
        $source = $f->text('source', '', 400);
        $habit = $f->text('habit', '', 400);
        $hazards = $f->words('hazards', Hazard::class, []);

        return new self($subject, $speed, $group, $burst, $size, $speedShare, $source, $habit, $hazards, $f->done());
    }
}
