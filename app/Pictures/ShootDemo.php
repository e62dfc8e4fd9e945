<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Camera\Roll;
use App\Documents\Documents;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\File;
use RushHold\Refused;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Bursts of the demo with pictures: the stand-in camera shoots its rushes, and they come in like anybody's. */
final class ShootDemo implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** Which rush, how many frames, on which evening of June at what time, and with what the stand-in's hand and lens are like. */
    private const BURSTS = [
        ['Puffin coming in to the slope', 12, '10T05:20:00Z', ['--seed=3', '--aim=0.55', '--lens-error-m=0.25']],
        ['Gannet gliding along the edge', 12, '10T05:48:00Z', ['--seed=11', '--panning=0.35']],
        ['Hare bolting through the campion', 12, '10T06:31:00Z', ['--seed=8', '--aim=0.5']],
        ['Tern hovering', 10, '10T07:05:00Z', ['--seed=21']],
    ];

    private const MEGAPIXELS = '1.6';

    public int $tries = 1;

    public int $timeout = 85;

    public function __construct(private readonly int $number)
    {
        $this->onQueue(LookAt::QUEUE);
    }

    /** Has all of them shot, one after the other. */
    public static function all(): void
    {
        foreach (array_keys(self::BURSTS) as $number) {
            self::dispatch($number);
        }
    }

    public function handle(): void
    {
        [$name, $frames, $at, $hand] = self::BURSTS[$this->number] ?? self::BURSTS[0];
        $demo = User::demo();
        $rush = $demo?->rushes()->where('name', 'like', "$name%")->first();
        if ($demo === null || $rush === null) {
            return;
        }
        $folder = sys_get_temp_dir().'/demo-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        $year = now()->month > 6 ? now()->year : now()->year - 1;
        try {
            file_put_contents("$folder.hold.json", '{"format":"rush-hold/hold@1"}');
            (new Process([(new PhpExecutableFinder)->find(false) ?: 'php', base_path('artisan'), 'rush:shoot', '-', "$folder.hold.json", "--into=$folder", "--frames=$frames", '--megapixels='.self::MEGAPIXELS, "--at=$year-06-$at", '--finds-subjects', ...$hand],
                base_path(), null, json_encode(Documents::withObjects($rush->document), JSON_THROW_ON_ERROR), 80))->mustRun();
            foreach (array_diff(glob("$folder/*") ?: [], ["$folder/".Roll::TRUTH]) as $file) {
                (new Incoming($demo))->placed($file);
            }
        } catch (Refused) {
            // There is no room for them on this disk; the demo goes without.
        } finally {
            File::deleteDirectory($folder);
            File::delete("$folder.hold.json");
        }
    }
}
