<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Refused;

/**
 * One ready-made response as a body sells it, under a name of the person's own; it has no meaning beyond its numbers.
 */
final readonly class ResponsePreset
{
    /**
     * @param  string  $id  its name in documents: small letters, digits and hyphens
     * @param  float  $patienceS  0 to 3 s
     * @param  float  $nimble  0 to 1
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(
        public string $id,
        public float $patienceS,
        public float $nimble,
        public Wins $wins = Wins::Held,
    ) {
        if (preg_match('/^[a-z0-9-]{1,24}$/', $id) !== 1) {
            throw Refused::because('kit.body.presets.id', 'preset-id');
        }
        Response::patience()->check('kit.body.presets.patience_s', $patienceS);
        Response::nimbleness()->check('kit.body.presets.nimble', $nimble);
    }
}
