<?php

declare(strict_types=1);

namespace RushHold\Document;

use DateTimeImmutable;
use DateTimeZone;
use RushHold\Controls\ButtonSchool;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
use RushHold\Kit\Lens;
use RushHold\Light\Lamps;
use RushHold\Light\Sky;
use RushHold\Light\Surface;
use RushHold\Outing\Air;
use RushHold\Outing\Entry;
use RushHold\Outing\Outing;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Words\Words;

/** An outing as a document, format `rush-hold/outing@1`; formats/outing.schema.json describes it. */
final readonly class OutingDocument
{
    public const FORMAT = 'rush-hold/outing@1';

    private const MOST_SKIES = 48;

    /** @param  array<string, mixed>  $fields  with the defaults filled in */
    private function __construct(public Outing $outing, public array $fields)
    {
    }

    /** What stands in an outing, and in each of its rushes, where nothing is said. */
    private const USUAL = [
        'name' => '',
        'sky' => [],
        'wind' => 0.0,
        'air' => 'clear',
        'bodies' => [],
        'lenses' => [],
        'rushes' => [],
        'order' => 'solved',
        'school' => 'free',
        'checked' => [],
    ];

    private const USUAL_ENTRY = [
        'facing_deg' => null,
        'earliest' => null,
        'latest' => null,
        'at' => null,
        'minutes' => 30,
        'times' => 1,
        'wanted' => 1.0,
        'habit' => '',
        'setup_min' => 0,
        'by_hand' => false,
    ];

    /**
     * An outing with all that it leaves open filled in, whatever stands for its rushes.
     *
     * @param  array<string, mixed>  $outing
     * @return array<string, mixed>
     */
    public static function filled(array $outing): array
    {
        $outing = [...self::USUAL, ...$outing];
        $outing['place'] = ['name' => '', 'zone' => 'UTC', ...(array) ($outing['place'] ?? [])];
        $outing['rushes'] = array_map(
            static fn (mixed $entry): array => [...self::USUAL_ENTRY, ...(array) $entry],
            (array) $outing['rushes'],
        );

        return $outing;
    }

    /** @throws Refused naming the field, its range and its unit */
    public static function read(mixed $document): self
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT);
        $name = $top->text('name', '');
        $date = $top->text('date', null, 10);
        $top->need('place');
        $place = $top->object('place');
        $zone = self::zone($place->text('zone', 'UTC', 64));
        $from = self::clock('from', $top->text('from', null, 5), $date, $zone);
        $to = self::clock('to', $top->text('to', null, 5), $date, $zone);
        // It ends on the next day where the clock says less.
        $to = $to > $from ? $to : $to->modify('+1 day');
        $bodies = array_map(
            static fn (mixed $body): Body => BodyDocument::read($body)->body,
            self::list($top, 'bodies'),
        );
        $lenses = array_map(
            static fn (mixed $lens): Lens => LensDocument::read($lens)->lens,
            self::list($top, 'lenses'),
        );
        $skies = self::skies($top, $from, $date, $zone);
        $entries = self::entries($top, $from, $date, $zone, $bodies, $lenses);
        $order = $top->rawIfGiven('order', 'solved');
        $top->keep('order', $order);
        // Ticks are the person's own; the schema says how they look.
        $top->keep('checked', $top->rawIfGiven('checked', []));
        $outing = new Outing(
            $name,
            $place->text('name', ''),
            $place->number('latitude_deg'),
            $place->number('longitude_deg'),
            $from,
            $to,
            $entries,
            $skies,
            $top->number('wind', 0.0),
            $top->word('air', Air::class, Air::Clear),
            $top->wordIfGiven('surface', Surface::class),
            self::order($order),
            $top->word('school', ButtonSchool::class, ButtonSchool::Free),
            lamps: $top->wordIfGiven('lamps', Lamps::class),
            ev100: $top->optionalNumber('ev100'),
        );
        $top->keep('place', $place->done());

        return new self($outing, $top->done());
    }

    /** @return list<int>|null */
    private static function order(mixed $order): ?array
    {
        if ($order === 'solved') {
            return null;
        }
        $numbers = array_values(is_array($order) ? array_filter($order, is_int(...)) : []);

        return is_array($order) && count($numbers) === count($order)
            ? $numbers
            : throw Refused::because('order', 'order-unknown');
    }

    /** @return list<array{DateTimeImmutable, Sky}> */
    private static function skies(Fields $top, DateTimeImmutable $from, string $date, DateTimeZone $zone): array
    {
        $skies = [];
        self::list($top, 'sky');
        foreach ($top->objects('sky', self::MOST_SKIES) as $i => $fields) {
            $at = self::within($from, self::clock("sky[$i].at", $fields->text('at', null, 5), $date, $zone));
            $skies[] = [$at, $fields->word('sky', Sky::class)];
            $fields->done();
        }
        usort($skies, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $skies;
    }

    /**
     * @param  list<Body>  $bodies
     * @param  list<Lens>  $lenses
     * @return list<Entry>
     */
    private static function entries(
        Fields $top,
        DateTimeImmutable $from,
        string $date,
        DateTimeZone $zone,
        array $bodies,
        array $lenses,
    ): array {
        $entries = [];
        $listed = self::list($top, 'rushes');
        if (count($listed) > Outing::MOST) {
            throw Refused::because('rushes', 'rushes-many', most: Outing::MOST);
        }
        foreach ($top->objects('rushes', Outing::MOST) as $i => $fields) {
            $pins = $fields->rawIfGiven('pins');
            $fields->need('rush');
            try {
                $rush = self::with(RushDocument::read($fields->raw('rush'))->rush, $fields, $bodies, $lenses);
                $pins = $fields->has('pins') ? HoldDocument::read($pins)->fitting($rush->kit) : PartialHold::nothing();
            } catch (Refused $refused) {
                throw $refused->in(Words::text('field.nth-rush', ['n' => $i + 1]));
            }
            $clock = static function (string $name) use ($fields, $i, $from, $date, $zone): ?DateTimeImmutable {
                $given = $fields->optionalText($name, 5);

                return $given === null
                    ? null
                    : self::within($from, self::clock("rushes[$i].$name", $given, $date, $zone));
            };
            $entries[] = new Entry(
                $rush,
                $pins,
                $fields->optionalNumber('facing_deg'),
                $clock('earliest'),
                $clock('latest'),
                $clock('at'),
                $fields->whole('minutes', 30),
                $fields->whole('times', 1),
                $fields->number('wanted', 1.0),
                $fields->text('habit', '', 400),
                $fields->whole('setup_min', 0),
                $fields->flag('by_hand', false),
                "rushes[$i]",
            );
        }

        return $entries;
    }

    /**
     * The rush with the body and lens of the outing that it names, by their place in the lists; its own otherwise.
     *
     * @param  list<Body>  $bodies
     * @param  list<Lens>  $lenses
     */
    private static function with(Rush $rush, Fields $fields, array $bodies, array $lenses): Rush
    {
        $kit = $rush->kit;
        foreach (['body' => $bodies, 'lens' => $lenses] as $part => $carried) {
            $number = $fields->optionalWhole($part);
            $fields->note($part, ['minimum' => 0]);
            if ($number !== null) {
                $kit = $kit->with(
                    ...[$part => $carried[$number] ?? throw Refused::because($part, 'kit-unknown', number: $number)],
                );
            }
        }

        return $rush->with(kit: $kit);
    }

    /** @return list<mixed> */
    private static function list(Fields $top, string $name): array
    {
        $given = $top->rawIfGiven($name, []);
        $top->keep($name, $given);

        return is_array($given) && array_is_list($given) ? $given : throw Refused::because($name, 'not-list');
    }

    /** A time that says less than the beginning is of the next day. */
    private static function within(DateTimeImmutable $from, DateTimeImmutable $at): DateTimeImmutable
    {
        return $at < $from ? $at->modify('+1 day') : $at;
    }

    private static function clock(string $field, string $given, string $date, DateTimeZone $zone): DateTimeImmutable
    {
        if (preg_match('/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/', $date) !== 1) {
            throw Refused::because('date', 'day', given: $date);
        }
        if (preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $given) !== 1) {
            throw Refused::because($field, 'clock', given: $given);
        }

        return new DateTimeImmutable("$date $given", $zone);
    }

    private static function zone(string $given): DateTimeZone
    {
        return in_array($given, DateTimeZone::listIdentifiers(), true)
            ? new DateTimeZone($given)
            : throw Refused::because('place.zone', 'zone', given: $given);
    }
}
