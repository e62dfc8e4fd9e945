<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\LossCause;
use RushHold\Hold\PartialHold;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** A logged series of frames of one rush with one hold. */
final readonly class LoggedBurst
{
    public const MOST_FRAMES = 100_000;

    /**
     * @param  string|null  $at  when, ISO 8601
     * @param  Rush|null  $rush  what was expected; null: not said
     * @param  PartialHold  $hold  as it was used, as far as that is known
     * @param  int  $frames  1 to 100 000
     * @param  int  $keepers  0 to frames
     * @param  array<string, int>  $losses  frames lost by cause
     * @param  list<MeasuredFrame>  $measured
     * @param  array<string, string>  $answers  to questions about it
     *
     * @throws Refused if more were kept, or lost, than were shot
     */
    public function __construct(
        public int $frames,
        public int $keepers,
        public ?string $at = null,
        public ?Rush $rush = null,
        public ?PartialHold $hold = null,
        public array $losses = [],
        public array $measured = [],
        public array $answers = [],
        public string $note = '',
    ) {
        Plausible::counts($frames, $keepers);
        $lost = 0;
        foreach ($losses as $cause => $count) {
            LossCause::tryFrom($cause) ?? throw Refused::unknownWord('losses', $cause, LossCause::class);
            Range::depending(0, $frames)->check("losses.$cause", $count);
            $lost += $count;
        }
        Range::depending(0, $frames - $keepers)->check('losses (all together)', $lost);
    }

    public function share(): KeptShare
    {
        return KeptShare::counted($this->keepers, $this->frames);
    }
}
