<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/**
 * Has the stand-in camera shoot one of a person's rushes into their pictures, for a try; what the truth is nobody is
 * told.
 */
final class ShootStandIn implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public const FRAMES = 12;

    private const MEGAPIXELS = '2';

    public int $tries = 1;

    public int $timeout = 85;

    /** @param  string  $at  when it is said to have been shot */
    public function __construct(
        private readonly int $person,
        private readonly string $rush,
        private readonly string $at,
        private readonly int $seed,
    ) {
        $this->onQueue(LookAt::QUEUE);
    }

    public function handle(): void
    {
        $person = User::query()->find($this->person);
        $rush = SavedRush::query()->where('user_id', $this->person)->find($this->rush);
        if ($person === null || $rush === null) {
            return;
        }
        StandInRoll::into(
            $person,
            $rush->document,
            $rush->pins ?: ['format' => 'rush-hold/hold@1'],
            '--frames='.self::FRAMES,
            '--megapixels='.self::MEGAPIXELS,
            "--at=$this->at",
            "--seed=$this->seed",
        );
    }
}
