<?php

declare(strict_types=1);

namespace RushHold\Outing;

use Closure;
use DateTimeImmutable;
use RushHold\Changeable;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Times;
use RushHold\Light\Lamps;
use RushHold\Light\Sky;
use RushHold\Light\Surface;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** One morning, afternoon or match: where and when, what sky and air, and the rushes one hopes for. */
final readonly class Outing
{
    use Changeable;

    /** Rushes of one outing. */
    public const MOST = 40;

    private const LONGEST_H = 24;

    /** Light and what it does is worked out so far apart. */
    public const STEP_MIN = 15;

    /** A rush begins so many minutes after the outing or a multiple of that, unless it has a time of its own. */
    public const BEGIN_MIN = 5;

    /**
     * @param  DateTimeImmutable  $from  in the zone of the place
     * @param  list<array{DateTimeImmutable, Sky}>  $skies  from when on which sky, in order; clear before the first
     * @param  float  $wind  0 calm to 1 everything moves
     * @param  list<Entry>  $entries
     * @param  list<int>|null  $order  numbers of the entries as somebody wants them; null: solved
     * @param  ButtonSchool  $school  the way of working the buttons are laid out for
     * @param  Times  $times  how long whoever goes needs for controls and menus
     * @param  Lamps|null  $lamps  what is lit there, for rushes that say nothing of it
     * @param  float|null  $ev100  the light as it was metered where the subjects are, −8 to 20 EV; null: as sun, sky
     *   and lamps give it
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(
        public string $name,
        public string $place,
        public float $latitudeDeg,
        public float $longitudeDeg,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public array $entries,
        public array $skies = [],
        public float $wind = 0.0,
        public Air $air = Air::Clear,
        public ?Surface $surface = null,
        public ?array $order = null,
        public ButtonSchool $school = ButtonSchool::Free,
        public Times $times = new Times(),
        public ?Lamps $lamps = null,
        public ?float $ev100 = null,
    ) {
        Range::of(-90, 90, 'degrees')->check('place.latitude_deg', $latitudeDeg);
        Range::of(-180, 180, 'degrees')->check('place.longitude_deg', $longitudeDeg);
        Range::share()->check('wind', $wind);
        if ($ev100 !== null) {
            Range::of(-8, 20, 'EV')->check('ev100', $ev100);
        }
        $minutes = ($to->getTimestamp() - $from->getTimestamp()) / 60;
        if ($minutes < self::STEP_MIN || $minutes > 60 * self::LONGEST_H) {
            throw Refused::because('to', 'outing-length', least: self::STEP_MIN, most: self::LONGEST_H);
        }
        if (count($entries) > self::MOST) {
            throw Refused::because('rushes', 'rushes-many', most: self::MOST);
        }
        if (
            $order !== null &&
            (count($order) !== count(array_unique($order)) || array_diff($order, array_keys($entries)) !== [])
        ) {
            throw Refused::because('order', 'order-unknown');
        }
    }

    /** The same without the times and the order that somebody chose. */
    public function freed(): self
    {
        return new self(
            $this->name,
            $this->place,
            $this->latitudeDeg,
            $this->longitudeDeg,
            $this->from,
            $this->to,
            array_map(static fn (Entry $entry): Entry => $entry->freed(), $this->entries),
            $this->skies,
            $this->wind,
            $this->air,
            $this->surface,
            null,
            $this->school,
            $this->times,
            $this->lamps,
            $this->ev100,
        );
    }

    /**
     * The same with each rush changed.
     *
     * @param  Closure(Rush): Rush  $change
     */
    public function withRushes(Closure $change): self
    {
        return $this->with(
            entries: array_map(
                static fn (Entry $entry): Entry => $entry->with(rush: $change($entry->rush)),
                $this->entries,
            ),
        );
    }

    /** @return list<DateTimeImmutable> the beginnings of its quarter hours, and its end */
    public function moments(): array
    {
        $moments = [];
        for ($at = $this->from; $at <= $this->to; $at = $at->setTimestamp($at->getTimestamp() + 60 * self::STEP_MIN)) {
            $moments[] = $at;
        }

        return $moments;
    }

    /** Quarter hours in it. */
    public function steps(): int
    {
        return intdiv($this->to->getTimestamp() - $this->from->getTimestamp(), 60 * self::STEP_MIN);
    }

    /** Minutes in it. */
    public function minutes(): int
    {
        return intdiv($this->to->getTimestamp() - $this->from->getTimestamp(), 60);
    }

    /** So many minutes into it. */
    public function at(int $minute): DateTimeImmutable
    {
        return $this->from->setTimestamp($this->from->getTimestamp() + 60 * $minute);
    }

    public function skyAt(DateTimeImmutable $moment): Sky
    {
        $sky = Sky::Clear;
        foreach ($this->skies as [$from, $then]) {
            $sky = $from <= $moment ? $then : $sky;
        }

        return $sky;
    }
}
