<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** Focus settings that a control puts in force while it is held; what is null stays as it is. */
final readonly class StoredSet
{
    /** @param  string|null  $preset  id of a response preset */
    public function __construct(
        public ControlPlace $control,
        public ?FocusMode $mode = null,
        public ?Area $area = null,
        public ?Detection $detect = null,
        public ?string $preset = null,
        /** Whether it recalls shutter, aperture or ISO as well, which surprises. */
        public bool $recallsExposure = false,
    ) {
    }
}
