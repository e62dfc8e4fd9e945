<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Bursts of the demo with pictures: the stand-in camera shoots its rushes, and they come in like anybody's. */
final class ShootDemo implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /**
     * Which rush, how many frames, at what time of that morning, and with what the stand-in's hand and lens are like.
     */
    private const BURSTS = [
        ['Puffin coming in to the slope', 12, '05:20', ['--seed=3', '--aim=0.3', '--lens-error-m=0.9']],
        ['Gannet gliding along the edge', 12, '05:48', ['--seed=11', '--panning=0.1', '--lens-error-m=2']],
        ['Hare bolting through the campion', 12, '06:31', ['--seed=8', '--aim=0.5']],
        ['Tern plunging', 12, '07:05', ['--seed=21']],
    ];

    /** The day they are shot on, in June. */
    private const DAY = 10;

    private const MINUTES = 20;

    private const MEGAPIXELS = '1.6';

    public int $tries = 1;

    public int $timeout = 85;

    public function __construct(private readonly int $number)
    {
        $this->onQueue(LookAt::QUEUE);
    }

    /** Has all of them shot, one after the other, on an outing of that day. */
    public static function all(): void
    {
        $demo = User::demo();
        $ahead = $demo?->outings()->where('place', '!=', '')->orderByDesc('starts_at')->first();
        if ($demo === null || $ahead === null) {
            return;
        }
        $place = data_get($ahead->document, 'place.zone');
        $zone = new DateTimeZone(is_string($place) ? $place : 'UTC');
        $entries = [];
        foreach (self::BURSTS as [$name, , $clock]) {
            $at = new DateTimeImmutable(self::day()."T$clock:00Z");
            $hour = static fn (string $by): string => $at->modify($by)->setTimezone($zone)->format('H:i');
            $rush = $demo
                ->rushes()
                ->where('name', 'like', "$name%")
                ->value('id');
            $rush === null ||
                ($entries[] = [
                    'rush' => $rush,
                    'minutes' => self::MINUTES,
                    'times' => 3,
                    'earliest' => $hour('-5 minutes'),
                    'latest' => $hour('+15 minutes'),
                ]);
        }
        $first = new DateTimeImmutable(self::day().'T'.self::BURSTS[0][2].':00Z');
        $clock = static fn (string $by): string => $first->modify($by)->setTimezone($zone)->format('H:i');
        $demo
            ->outings()
            ->create([
                'document' => [
                    ...$ahead->document,
                    'name' => 'The cliff once more',
                    'date' => self::day(),
                    'from' => $clock('-20 minutes'),
                    'to' => $clock('+130 minutes'),
                    'sky' => [],
                    'rushes' => $entries,
                    'order' => 'solved',
                    'checked' => [],
                ],
            ]);
        foreach (array_keys(self::BURSTS) as $number) {
            self::dispatch($number);
        }
    }

    private static function day(): string
    {
        return sprintf('%d-06-%02d', now()->month > 6 ? now()->year : now()->year - 1, self::DAY);
    }

    public function handle(): void
    {
        [$name, $frames, $at, $hand] = self::BURSTS[$this->number] ?? self::BURSTS[0];
        $demo = User::demo();
        $rush = $demo
            ?->rushes()
            ->where('name', 'like', "$name%")
            ->first();
        if ($demo === null || $rush === null) {
            return;
        }
        StandInRoll::into(
            $demo,
            $rush->document,
            ['format' => 'rush-hold/hold@1'],
            "--frames=$frames",
            '--megapixels='.self::MEGAPIXELS,
            '--at='.self::day()."T$at:00Z",
            '--finds-subjects',
            ...$hand,
        );
    }
}
