<?php

declare(strict_types=1);

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Pictures\FollowSubject;
use App\Pictures\Incoming;
use Symfony\Component\Process\Process;

it('shoots', function (): void {
    $person = $this->account('gannet-along-the-edge', 'tern-plunging');
    $rushes = $person->rushes()->get();
    SavedOuting::factory()->for($person)->with(...$rushes->all())->create();
    foreach ([['gannet-along-the-edge', '2026-06-07T04:10:00Z', 14], ['tern-plunging', '2026-06-07T04:40:00Z', 9], ['gannet-along-the-edge', '2026-06-05T04:12:00Z', 5]] as $n => [$name, $at, $frames]) {
        $folder = sys_get_temp_dir().'/roll-'.bin2hex(random_bytes(4));
        (new Process([PHP_BINARY, base_path('artisan'), 'rush:shoot', "formats/examples/$name.json", '-', "--into=$folder", "--frames=$frames", '--megapixels=1.2', '--lens-error-m=0.4', "--seed=$n", "--at=$at"], base_path(), null, '{"format":"rush-hold/hold@1"}', 120))->mustRun();
        foreach (glob("$folder/*.jpg") as $file) {
            (new Incoming($person))->placed($file);
        }
        $truth[$at] = json_decode((string) file_get_contents("$folder/truth.json"), true)['frames'];
    }
    $page = $this->enter($this->page(), $person)->visit('/review/pictures');
    $page->until(fn () => Picture::query()->where('user_id', $person->id)->where('stage', 'waiting')->doesntExist() && Burst::query()->where('user_id', $person->id)->count() >= 3, 'grouped');
    foreach (Burst::query()->where('user_id', $person->id)->orderBy('shot_at')->get() as $b) {
        if ($b->shot_at->format('H:i') === '04:10') {
            $pics = Picture::ofBurst($b);
            foreach ($pics as $p) {
                $t = collect($truth['2026-06-07T04:10:00Z'])->first(fn ($f) => substr($f['taken_at'], 0, 19) === $p->taken_at->format('Y-m-d\TH:i:s') && $f['aim'] && $f['sigma_px'] < 2);
                if ($t) {
                    FollowSubject::begin($b, $p, $t['aim']['x'], $t['aim']['y']);
                    $main = $b;
                    break;
                }
            }
        }
    }
    $page->until(fn () => $main->refresh()->following === null, 'followed');
    $page->visit('/review/pictures')->see('kept');
    $page->script('document.querySelectorAll(".burst-choose input")[0].click()');
    $page->screenshot('/tmp/s1.png');
    $page->visit("/review/bursts/$main->uuid")->see('Measured');
    sleep(3);
    $page->screenshot('/tmp/s2.png');
    $page->keys('g')->see('focused at');
    sleep(1);
    $page->screenshot('/tmp/s3.png');
    $page->keys('g');
    $page->script('document.querySelectorAll(".strip button")[3].click()');
    $page->script('document.querySelectorAll(".strip button")[6].dispatchEvent(new MouseEvent("click",{bubbles:true,shiftKey:true}))');
    $page->see('frames');
    $page->keys('b');
    sleep(2);
    $page->screenshot('/tmp/s4.png');
});
