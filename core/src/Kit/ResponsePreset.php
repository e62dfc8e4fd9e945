<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Hold\Priority;
use RushHold\Range;
use RushHold\Refused;

/** One named set of stay, speed change and priority as a body sells it. */
final readonly class ResponsePreset
{
    /**
     * @param  string  $id  its name in documents: small letters, digits and hyphens
     * @param  int  $stay  0 to 4
     * @param  int  $speedChange  0 to 2
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(
        public string $id,
        public PresetRole $role,
        public int $stay,
        public int $speedChange,
        public Priority $priority = Priority::First,
    ) {
        if (preg_match('/^[a-z0-9-]{1,24}$/', $id) !== 1) {
            throw Refused::because('kit.body.presets.id', 'must be 1 to 24 small letters, digits and hyphens.');
        }
        Range::of(0, 4)->check('kit.body.presets.stay', $stay);
        Range::of(0, 2)->check('kit.body.presets.speed_change', $speedChange);
    }

    /** How far its numbers are from others: steps of stay, those of speed change counting double. */
    public function distance(int $stay, int $speedChange): int
    {
        return abs($this->stay - $stay) + 2 * abs($this->speedChange - $speedChange);
    }
}
