<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Hold\Hold;
use RushHold\Rush\Photographer;
use RushHold\Rush\Rush;

/** All that was logged of one rush shot with one hold: what can be learned from together. */
final readonly class Logged
{
    /**
     * @param  array<int|string, array{int, int}>  $counts  keepers and frames of each burst, by what names the burst
     * @param  array<int|string, string>  $days  the day of each, as far as it is known
     */
    public function __construct(public Rush $rush, public Hold $hold, public array $counts, public array $days = [])
    {
    }

    /** The same for the same rush shot with the same hold, whatever it is called and whoever shoots. */
    public function key(): string
    {
        return self::keyOf($this->rush).' '.md5(serialize($this->hold));
    }

    /** The same for the same rush, whatever it is called and whoever shoots. */
    public static function keyOf(Rush $rush): string
    {
        return md5(serialize($rush->with(name: '', photographer: new Photographer())));
    }

    /** What stands for the kit: body, lens and extender. */
    public function kit(): string
    {
        return self::kitOf($this->rush);
    }

    public static function kitOf(Rush $rush): string
    {
        $kit = $rush->kit;

        return "{$kit->body->name} · {$kit->lens->name}".($kit->extender > 1.0 ? " · {$kit->extender}×" : '');
    }
}
