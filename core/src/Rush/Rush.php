<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Changeable;
use RushHold\Kit\Kit;
use RushHold\Motion\Path;
use RushHold\Optics\FinalUse;
use RushHold\Refused;

/** One expected run of a moving subject, with all that decides how to keep it sharp. */
final readonly class Rush
{
    use Changeable;

    /**
     * @param  list<Companion>  $group  others who have to be sharp in the same frame
     *
     * @throws Refused if the subject starts, or somebody beside it stands, nearer than the lens focuses
     */
    public function __construct(
        public string $name,
        public Subject $subject,
        public Path $path,
        public Scene $scene,
        public Light $light,
        public Photographer $photographer = new Photographer(),
        public Kit $kit = new Kit(),
        public FinalUse $finalUse = FinalUse::Pixel,
        public array $group = [],
    ) {
        $kit->checkFocusDistance('path.start_m', $path->startM);
        foreach ($group as $i => $companion) {
            $kit->checkFocusDistance("group[$i].distance_m", $companion->planeM);
        }
        if (strlen($name) > 480) {
            throw Refused::because('name', 'name-long', most: 120);
        }
    }

    /** Against the light: said so, or known from the sun and where the camera points. */
    public function isBacklit(): bool
    {
        return $this->scene->backlit || $this->light->isFromAhead();
    }

    public function cocUm(): float
    {
        return 1000 * $this->kit->body->cocMm($this->finalUse);
    }
}
