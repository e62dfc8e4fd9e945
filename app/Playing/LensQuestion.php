<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Focus\Stage;
use RushHold\Kit\Lens;
use RushHold\Planning\LensChoice;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Units;
use RushHold\Words\Words;

/** Which of several lenses suits a rush best. */
final readonly class LensQuestion implements Question
{
    private Rush $rush;

    /**
     * @param  list<array{id: string, name: string, lens: Lens}>  $lenses
     * @param  bool  $own  whether they are the person's own
     */
    public function __construct(Rush $rush, private array $lenses, private bool $own, private Units $units)
    {
        $this->rush = $rush->with(name: '');
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $choices = LensChoice::among(array_column($this->lenses, 'lens'), $this->rush, Planner::standard(), $stage);

        return json_encode(
            ['own' => $this->own, 'choices' => array_map($this->shown(...), $choices)],
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, mixed> */
    private function shown(LensChoice $choice): array
    {
        return [
            'id' => $this->lenses[$choice->lens]['id'],
            'name' => $this->lenses[$choice->lens]['name'],
            'focal_mm' => round($choice->focalMm, 1),
            'extender' => $choice->extender,
            'widest' => round($choice->widest, 2),
            'keeper_rate' => round($choice->keeperRate, 4),
            'standard_error' => round($choice->standardError, 4),
            'fills' => round($choice->fills, 4),
            'aim_px' => round($choice->aimPixels),
            'iso' => $choice->iso,
            'ev_short' => round($choice->evShort, 2),
            'sentence' => Words::in($this->units)->say($choice->sentence),
        ];
    }
}
