<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Camera\Roll;
use App\Documents\Documents;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\File;
use RushHold\Refused;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Has the stand-in camera shoot one of a person's rushes into their pictures, for a try; what the truth is nobody is told. */
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
    public function __construct(private readonly int $person, private readonly string $rush, private readonly string $at, private readonly int $seed)
    {
        $this->onQueue(LookAt::QUEUE);
    }

    public function handle(): void
    {
        $person = User::query()->find($this->person);
        $rush = SavedRush::query()->where('user_id', $this->person)->find($this->rush);
        if ($person === null || $rush === null) {
            return;
        }
        $folder = sys_get_temp_dir().'/roll-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        try {
            file_put_contents("$folder.hold.json", json_encode(Documents::withObjects($rush->pins ?: ['format' => 'rush-hold/hold@1'])));
            $process = new Process([(new PhpExecutableFinder)->find(false) ?: 'php', base_path('artisan'), 'rush:shoot', '-', "$folder.hold.json", "--into=$folder", '--frames='.self::FRAMES, '--megapixels='.self::MEGAPIXELS, "--at=$this->at", "--seed=$this->seed"],
                base_path(), null, json_encode(Documents::withObjects($rush->document), JSON_THROW_ON_ERROR), 80);
            $process->mustRun();
            foreach (array_diff(glob("$folder/*") ?: [], ["$folder/".Roll::TRUTH]) as $file) {
                (new Incoming($person))->placed($file);
            }
        } catch (Refused) {
            // There is no room for more of them; those that went in stay.
        } finally {
            File::deleteDirectory($folder);
            File::delete("$folder.hold.json");
        }
    }
}
