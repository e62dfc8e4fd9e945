<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Controls\Press;
use RushHold\Controls\Reached;
use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;
use RushHold\Rush\Figure;
use RushHold\Situation\Situation;

/** One rush of an outing as it is rehearsed: how it is answered, how soon it has to be, and what is seen of it. */
final readonly class Rehearsed
{
    /**
     * @param  ControlPlace|null  $by  the control that is held for it; null: from rest, whatever starts focus
     * @param  list<array{Setting, float}>  $left  what is still to be changed then, and how long that takes, s
     * @param  float  $warningS  from seeing it to the first frame, s
     * @param  float  $passS  from the first frame to the last, s
     * @param  array{float, float}  $wide  its length as a share of the frame's width, at the first frame and at the
     *   last
     * @param  float  $tall  its height as a share of its length
     * @param  array{float, float}  $way  across the frame to the right, and towards the camera, m/s, at the first frame
     * @param  float  $posesHz  how often its stroke or stride repeats
     */
    public function __construct(
        public string $name,
        public ?ControlPlace $by,
        public array $left,
        public float $warningS,
        public float $passS,
        public Figure $figure,
        public array $wide,
        public float $tall,
        public array $way,
        public float $posesHz,
    ) {
    }

    public static function of(Situation $situation, Reached $reached): self
    {
        $rush = $situation->rush;
        $path = $rush->path;
        $subject = $rush->subject;
        $wide = static fn (float $t): float => min(
            1.0,
            ($situation->kit->lens->focalMm * $situation->kit->extender * $subject->lengthM) /
                ($path->at($t)->distanceM * $situation->kit->body->sensorWidthMm),
        );
        $first = $path->at(0.0);
        $changes = array_values(array_filter($reached->presses, static fn (Press $p): bool => $p->setting !== null));

        return new self(
            $reached->need->name,
            $reached->by,
            array_map(static fn (Press $p): array => [$p->setting ?? Setting::Mode, $p->seconds], $changes),
            $path->noticeS,
            $path->seconds,
            $subject->figure,
            [$wide(0.0), $wide($path->seconds)],
            $subject->heightM / $subject->lengthM,
            [$first->acrossMps, $first->closingMps],
            $subject->posesHz(),
        );
    }

    /** What is still to be changed once the control is held, s. */
    public function leftS(): float
    {
        return array_sum(array_column($this->left, 1));
    }

    /** The number of the control that answers it; null where the layout has none. */
    public function key(Key ...$keys): ?int
    {
        foreach (array_values($keys) as $i => $key) {
            if ($this->by === null ? $key->duty === Duty::StartFocus : $key->place === $this->by) {
                return $i;
            }
        }

        return null;
    }
}
