<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Light\Daylight;
use RushHold\Light\Sky;
use RushHold\Motion\PathPoint;
use RushHold\Quantity;
use RushHold\Refused;
use RushHold\Said;

/** What came of reading a line: what each part of it says, and the rush that follows from a base. */
final readonly class Reading
{
    /** Sideways push people and riders ride a bend with, and machines, m/s². */
    private const LEAN = 6.0;

    private const LEAN_OF_MACHINES = 14.0;

    private const TIGHTEST_M = 5.0;

    /** It ends no nearer than this share of where it begins, and where it fills the frame at the latest at this one. */
    private const NEAR = 0.15;

    private const FAR = 0.6;

    /** A little farther than the nearest the lens focuses. */
    private const CLEAR_OF_NEAREST = 1.1;

    private const SHORTEST_S = 0.5;

    private const LOOKS = 60;

    private const TOWARDS_DEG = 20.0;

    /** “Slowly” is so much of the usual speed. */
    private const SLOW = 0.6;

    /** Who keeps still sways and turns its head. */
    private const STILL_MPS = 0.2;

    private const KNOWN_FOR_IT_MPS = 1.5;

    /** Height of the sun where only the sky is told, degrees. */
    private const USUAL_SUN_DEG = 38.0;

    /**
     * @param  list<Piece>  $pieces  in the order of the line
     * @param  list<array{text: string, at: int}>  $left  words nothing was made of
     * @param  array<string, array<string, mixed>>  $subjects
     * @param  array<string, array<string, mixed>>  $lenses
     * @param  list<string>  $without
     * @param  list<string>  $likely  ids of the subjects it may be where nobody was named, the likeliest first
     */
    public function __construct(
        public string $line,
        private array $pieces,
        private array $left,
        private array $subjects,
        private array $lenses,
        private array $without,
        private Grammar $grammar,
        public array $likely = [],
    ) {
    }

    /** How many words nothing was made of. */
    public function wordsLeft(): int
    {
        return count($this->left);
    }

    /** Whether the line says who is coming, by name or by a sport. */
    public function saysWho(): bool
    {
        return $this->value('subject') !== null;
    }

    /**
     * The rush: the base with what the line says in its place. Values that a rush cannot have are left out and said.
     *
     * @param  array<string, mixed>  $base  a rush document
     *
     * @throws Refused when the base itself cannot be read
     */
    public function upon(array $base): Understood
    {
        $subject = $this->value('subject');
        $profile = is_string($subject) ? $this->subjects[$subject] : [];
        if (is_array($profile['subject'] ?? null)) {
            $base['subject'] = $profile['subject'];
            $base = self::put($base, 'scene.hazards', $profile['hazards'] ?? []);
        }
        $document = RushDocument::read([...$base, 'name' => $this->nameOf($profile), 'line' => $this->line])->fields;
        $understood = $refused = [];
        foreach ($this->resolved($document, $profile) as $piece) {
            if (in_array($piece->field, $this->without, true)) {
                continue;
            }
            try {
                $next = RushDocument::read($this->with($document, $piece))->fields;
            } catch (Refused $problem) {
                $near = $piece->field === 'path.start_m' ? $this->nearLens($document, $piece) : null;
                if ($near !== null) {
                    $document = $near[0];
                    array_push($understood, $piece, $near[1]);

                    continue;
                }
                $refused[] = ['text' => $piece->text, 'at' => $piece->at, 'because' => $problem];

                continue;
            }
            $document = $next;
            $understood[] = $piece;
        }
        $ended = $this->ended($document, $understood);
        if ($ended !== null) {
            $document = $ended[0];
            $understood[] = $ended[1];
        }
        usort($understood, static fn (Piece $a, Piece $b): int => $a->at <=> $b->at);
        $left = array_map(static fn (array $word): array => [...$word, 'because' => null], $this->left);

        return new Understood(
            $document,
            $understood,
            [...$left, ...$refused],
            $this->saysWho(),
            array_combine($this->likely, array_map(fn (string $id): array => $this->subjects[$id], $this->likely)),
        );
    }

    /**
     * What comes straight at the camera is not photographed through it: where the line does not say how long it lasts,
     * it ends where it fills the frame or is as near as the lens focuses.
     *
     * @param  array<string, mixed>  $document
     * @param  list<Piece>  $understood
     * @return array{array<string, mixed>, Piece}|null null: it stays farther away, or the line says how long
     */
    private function ended(array $document, array $understood): ?array
    {
        $by = array_column($understood, null, 'field');
        $piece = $by['path.heading_deg'] ?? null;
        if (
            $piece === null ||
            abs(self::float($piece->value)) > self::TOWARDS_DEG ||
            isset($by['path.seconds']) ||
            in_array('path.seconds', $this->without, true)
        ) {
            return null;
        }
        $rush = RushDocument::read($document)->rush;
        $kit = $rush->kit;
        $fills = ($kit->focalMm() * $rush->subject->heightM) / $kit->body->sensorHeightMm;
        $least = max(self::NEAR * $rush->path->startM, self::CLEAR_OF_NEAREST * $kit->lens->nearestM);
        $near = max($least, min($fills, self::FAR * $rush->path->startM));
        // What passes beside is photographed all the way.
        if (
            min(array_map(static fn (PathPoint $p): float => $p->distanceM, $rush->path->sampled(self::LOOKS))) >= $least
        ) {
            return null;
        }
        $seconds = null;
        for ($t = self::SHORTEST_S; $t < $rush->path->seconds; $t = round($t + 0.1, 1)) {
            if ($rush->path->at($t)->distanceM < $near) {
                $seconds = $t;
                break;
            }
        }
        if ($seconds === null) {
            return null;
        }

        return [
            self::put($document, 'path.seconds', $seconds),
            new Piece(
                $piece->text,
                $piece->at,
                'path.seconds',
                $seconds,
                Said::of(
                    'read.until-near',
                    seconds: Quantity::seconds($seconds),
                    metres: Quantity::length($rush->path->at($seconds)->distanceM),
                ),
            ),
        ];
    }

    /**
     * Nearer than the lens focuses: the first that can, one's own before the samples; the distance stays as it was
     * said.
     *
     * @param  array<string, mixed>  $document
     * @return array{array<string, mixed>, Piece}|null
     */
    private function nearLens(array $document, Piece $start): ?array
    {
        $kit = is_array($document['kit'] ?? null) ? $document['kit'] : [];
        foreach ($this->lenses as $id => $lens) {
            $lens = LensDocument::read($lens)->fields;
            try {
                $next = RushDocument::read(
                    $this->with(
                        [...$document, 'kit' => [...$kit, 'lens_id' => $id, 'lens' => $lens, 'extender' => 1.0]],
                        $start,
                    ),
                )->fields;
            } catch (Refused) {
                continue;
            }

            return [
                $next,
                new Piece(
                    $start->text,
                    $start->at,
                    'kit.lens',
                    self::name($lens),
                    Said::of('read.near-lens', lens: self::name($lens)),
                ),
            ];
        }

        return null;
    }

    /** @param  array<mixed>  $part  of a document */
    private static function name(array $part): string
    {
        return is_string($part['name'] ?? null) ? $part['name'] : '';
    }

    private function value(string $field): mixed
    {
        foreach ($this->pieces as $piece) {
            if ($piece->field === $field && ! in_array($field, $this->without, true)) {
                return $piece->value;
            }
        }

        return null;
    }

    /**
     * The pieces as fields of a rush, those others depend on first.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $profile
     * @return list<Piece>
     */
    private function resolved(array $document, array $profile): array
    {
        $own = is_array($document['subject']) ? $document['subject'] : [];
        $path = is_array($document['path']) ? $document['path'] : [];
        $speed = self::float($this->value('subject.speed_mps') ?? ($own['speed_mps'] ?? 10.0));
        $start = self::float($this->value('path.start_m') ?? ($path['start_m'] ?? 40.0));
        $resolved = [];
        foreach ($this->pieces as $piece) {
            $resolved[] = match ($piece->field) {
                'pace' => $this->pace($piece, $speed, $profile),
                'bend' => self::bend($piece, $speed, ($own['kind'] ?? '') === 'vehicle'),
                'behind_m' => new Piece(
                    $piece->text,
                    $piece->at,
                    'scene.background_m',
                    $start + self::float($piece->value),
                    $piece->says,
                ),
                'sun_deg', 'light.sky' => $this->light($piece),
                default => $piece,
            };
        }
        // A lens has to be there before its focal length, and a subject before what is said of it.
        $order = ['subject' => 0, 'kit.zoom' => 1, 'kit.focal_mm' => 2, 'kit.extender' => 3];
        usort(
            $resolved,
            static fn (Piece $a, Piece $b): int => [$order[$a->field] ?? 9, $a->at] <=> [$order[$b->field] ?? 9, $b->at],
        );

        return $resolved;
    }

    /** @param  array<string, mixed>  $profile */
    private function pace(Piece $piece, float $speed, array $profile): Piece
    {
        if ($piece->value === 'still') {
            // Who is known for it has a speed of its own.
            return new Piece(
                $piece->text,
                $piece->at,
                'subject.speed_mps',
                $speed <= self::KNOWN_FOR_IT_MPS ? $speed : self::STILL_MPS,
                $piece->says,
            );
        }
        $fast = $piece->value === 'fast';
        $value = $fast ? self::float($profile['burst_mps'] ?? 1.3 * $speed) : round(self::SLOW * $speed, 1);

        return new Piece(
            $piece->text,
            $piece->at,
            'subject.speed_mps',
            $value,
            Said::of('read.speed', speed: Quantity::speed($value)),
        );
    }

    private static function bend(Piece $piece, float $speed, bool $machine): Piece
    {
        $radius = max(self::TIGHTEST_M, round($speed ** 2 / ($machine ? self::LEAN_OF_MACHINES : self::LEAN)));

        return new Piece(
            $piece->text,
            $piece->at,
            'path.bend_radius_m',
            $radius,
            Said::of('read.bend', metres: Quantity::length($radius)),
        );
    }

    /** Hour and sky make one light; each is a piece of its own. */
    private function light(Piece $piece): Piece
    {
        $word = $this->value('light.sky');
        $sky = is_string($word) ? Sky::from($word) : Sky::Clear;
        $sun = $this->value('sun_deg');
        $ev = round(Daylight::ev100(is_float($sun) ? $sun : self::USUAL_SUN_DEG, $sky), 1);

        return $piece->field === 'light.sky'
            ? new Piece(
                $piece->text,
                $piece->at,
                'light.sky',
                ['sky' => $sky->value, ...$this->value('light.ev100') === null ? ['ev100' => $ev] : []],
                $piece->says,
            )
            : new Piece(
                $piece->text,
                $piece->at,
                'light.ev100',
                $ev,
                Said::of('read.light', ev: Quantity::figure($ev)),
            );
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function with(array $document, Piece $piece): array
    {
        return match ($piece->field) {
            'subject' => $document,
            'light.ev100' => [...$document, 'light' => [...self::skyOf($document), 'ev100' => $piece->value]],
            'light.sky' => [
                ...$document,
                'light' => [...self::lightOf($document), ...is_array($piece->value) ? $piece->value : []],
            ],
            'kit.zoom' => $this->withLens(
                $document,
                static fn (float $shortest, float $longest): bool => [$shortest, $longest] === $piece->value,
                null,
            ),
            'kit.focal_mm' => $this->withFocal($document, self::float($piece->value)),
            'path.bend_radius_m' => self::put(
                self::put($document, 'path.bend_radius_m', $piece->value),
                'path.points',
                [],
            ),
            default => self::put($document, $piece->field, $piece->value),
        };
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function withFocal(array $document, float $mm): array
    {
        return $this->withLens(
            $document,
            static fn (float $shortest, float $longest): bool => $shortest <= $mm && $mm <= $longest,
            $mm,
        );
    }

    /**
     * The lens in use if it does, else the first of one's own that does, else a sample.
     *
     * @param  array<string, mixed>  $document
     * @param  callable(float, float): bool  $fits  asked with the shortest and the longest focal length, mm
     * @return array<string, mixed>
     */
    private function withLens(array $document, callable $fits, ?float $mm): array
    {
        $kit = is_array($document['kit'] ?? null) ? $document['kit'] : [];
        $used = is_array($kit['lens'] ?? null) ? $kit['lens'] : [];
        $id = is_string($kit['lens_id'] ?? null) ? $kit['lens_id'] : '';
        foreach ([$id => $used, ...$this->lenses] as $at => $lens) {
            if ($lens !== [] && $fits(...self::reaches($lens))) {
                $lens = LensDocument::read($lens)->fields;

                return [
                    ...$document,
                    'kit' => [
                        ...$kit,
                        'lens_id' => $at === '' ? null : $at,
                        'lens' => $mm === null ? $lens : [...$lens, 'focal_mm' => $mm],
                    ],
                ];
            }
        }

        throw Refused::because('kit.lens', 'no-such-lens');
    }

    /**
     * @param  array<mixed>  $lens
     * @return array{float, float} shortest and longest, mm
     */
    private static function reaches(array $lens): array
    {
        $zoom = array_filter(is_array($lens['zoom'] ?? null) ? $lens['zoom'] : [], is_array(...));
        $steps = array_map(self::float(...), array_column($zoom, 'focal_mm'));

        return $steps === []
            ? [self::float($lens['focal_mm'] ?? 0), self::float($lens['focal_mm'] ?? 0)]
            : [min($steps), max($steps)];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function skyOf(array $document): array
    {
        return array_intersect_key(self::lightOf($document), ['sky' => 1, 'offset_stops' => 1, 'lamps' => 1]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function lightOf(array $document): array
    {
        /** @var array<string, mixed> $light */
        $light = is_array($document['light'] ?? null) ? $document['light'] : [];

        return array_diff_key($light, ['meter' => 1, 'place' => 1]) + ['ev100' => 13.0];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function put(array $document, string $field, mixed $value): array
    {
        [$part, $name] = [...explode('.', $field, 2), null];
        if ($name === null) {
            return [...$document, $part => $value];
        }

        return [
            ...$document,
            $part => [...is_array($document[$part] ?? null) ? $document[$part] : [], $name => $value],
        ];
    }

    private static function float(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /**
     * Short: who it is and from how far, in the words of the line; where nobody is named the line itself, as far as it
     * is short.
     *
     * @param  array<string, mixed>  $profile
     */
    private function nameOf(array $profile): string
    {
        $who = self::name(is_array($profile['subject'] ?? null) ? $profile['subject'] : []);
        $name = mb_strlen($this->line) <= 60 ? $this->line : rtrim(mb_substr($this->line, 0, 59)).'…';
        if ($who !== '') {
            $start = array_values(
                array_filter($this->pieces, static fn (Piece $piece): bool => $piece->field === 'path.start_m'),
            );
            preg_match('~'.$this->grammar->amount('far').'~iu', $start[0]->text ?? '', $far);
            $name =
                ($far[0] ?? '') === ''
                    ? $who
                    : explode(',', $who)[0].
                        ', '.
                        preg_replace('~'.$this->grammar->amount('away').'~iu', '', $far[0]);
        }

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }
}
