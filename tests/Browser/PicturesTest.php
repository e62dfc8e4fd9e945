<?php

declare(strict_types=1);

use App\Models\Burst;
use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Browser\Page;

/** Frames of the stand-in camera in a folder of their own, and the truth about them. */
function roll(int $frames): array
{
    $folder = sys_get_temp_dir().'/roll-'.bin2hex(random_bytes(4));
    $process = new Process(
        [
            PHP_BINARY,
            base_path('artisan'),
            'rush:shoot',
            'formats/examples/gannet-along-the-edge.json',
            '-',
            "--into=$folder",
            "--frames=$frames",
            '--megapixels=1.2',
            '--lens-error-m=0.7',
            '--seed=3',
        ],
        base_path(),
        null,
        '{"format":"rush-hold/hold@1"}',
        120,
    );
    $process->mustRun();

    return [$folder, json_decode((string) file_get_contents("$folder/truth.json"), true)['frames']];
}

/** Drops files on the page: those of a file field, as if they had been dragged there. */
function dropOn(Page $page, string ...$files): void
{
    $page->script(
        'const input = document.createElement("input"); input.type = "file"; input.multiple = true; input.ariaLabel = "dropped"; input.setAttribute("aria-label", "dropped"); document.body.append(input)',
    );
    $page->upload('dropped', implode("\n", $files));
    $page->script(
        'const input = document.querySelector("[aria-label=dropped]"); const data = new DataTransfer(); for (const file of input.files) data.items.add(file); input.remove(); document.querySelector("main").dispatchEvent(new DragEvent("drop", { bubbles: true, cancelable: true, dataTransfer: data }))',
    );
}

it(
    'takes dropped frames in, has the subject followed from one tap, shows the verdicts, and lets one be put right',
    function (): void {
        [$folder, $truth] = roll(7);
        file_put_contents("$folder/readme.jpg", 'not a picture at all');
        $person = $this->account('gannet-along-the-edge');
        $page = $this->enter($this->page(), $person)
            ->visit('/review')
            ->see('Nothing logged yet')
            ->press('Pictures')
            ->see('Drop pictures or a folder here')
            ->see('What happens with them');
        dropOn($page, ...glob("$folder/*.jpg") ?: []);
        $page
            ->see('Tap the subject to measure')
            ->see('One file was not imported')
            ->see('This is no picture that can be read')
            ->isClean();

        // A worker that is killed in the middle takes nothing with it.
        foreach (glob(getenv('HOME_DIR').'/run/pictures-*.session') ?: [] as $note) {
            $session = (int) trim((string) strtok((string) file_get_contents($note), " \n"));
            $session > 1 && posix_kill(-$session, SIGKILL);
        }
        $page->script('document.querySelector(".burst-card").click()');
        $page->see('Tap what has to be sharp');
        $mark = collect($truth)->search(
            static fn (array $f): bool => $f['aim'] !== null && $f['sigma_px'] < 2 && abs($f['aim']['x']) < 0.4,
        );
        $page->script('document.querySelectorAll(".strip button")[arguments[0]].click()', $mark);
        $page->until(
            static fn (): bool => str_contains($page->attribute('.view-picture img', 'alt'), 'Frame '.($mark + 1)) &&
                $page->script(
                    'const img = document.querySelector(".view-picture img"); return img.naturalWidth > 0 && img.clientWidth > 200',
                ) === true,
            'the frame',
        );
        $page->script(
            'const img = document.querySelector(".view-picture img"); const box = img.getBoundingClientRect(); img.dispatchEvent(new MouseEvent("click", { bubbles: true, clientX: box.left + box.width * (arguments[0] + 0.5), clientY: box.top + box.height * (arguments[1] + 0.5) }))',
            $truth[$mark]['aim']['x'],
            $truth[$mark]['aim']['y'],
        );
        $burst = Burst::query()->where('user_id', $person->id)->firstOrFail();
        $page->until(static function () use ($burst): bool {
            // What the killed worker had in hand comes back as if its time had run out.
            DB::table('jobs')
                ->where('queue', 'pictures')
                ->whereNotNull('reserved_at')
                ->where('reserved_at', '<', now()->subSeconds(20)->timestamp)
                ->update(['reserved_at' => now()->subMinutes(5)->timestamp]);

            return $burst->refresh()->mark !== null && $burst->following === null;
        }, 'the following');
        $page->see('kept')->see('Measured:');
        $kept = collect($truth)->filter(static fn (array $f): bool => abs($f['width_px'] / $f['limit_px'] - 1) > 0.1);
        $measured = Picture::ofBurst($burst)->keyBy('name');
        foreach ($kept as $frame) {
            expect($measured[$frame['file']]->measured['verdict'])->toBe($frame['kept'] ? 'kept' : 'lost');
        }

        // With the keys: step, and say otherwise.
        $page->script('document.querySelectorAll(".strip button")[0].click()');
        $was = $measured['frame-0001.jpg']->measured['verdict'];
        $page
            ->keys($was === 'kept' ? 'l' : 'k')
            ->see('frame-0002.jpg')
            ->hit('.strip button:first-child')
            ->see('Said by you.')
            ->see("Measured: $was");
        $page->until(
            static fn (): bool => $measured['frame-0001.jpg']->refresh()->kept === ($was !== 'kept'),
            'what was said',
        );
        $page->keys('m')->see('frame-0002.jpg')->hit('.strip button:first-child')->seeNot('Said by you.')->isClean();
        // Split before the sixth, and taken back; then the last is dragged to a burst of its own, and back into the
        // first.
        $page->script('document.querySelectorAll(".strip button")[5].click()');
        $page->keys('s')->see('5 frames')->see('After')->keys('z')->see('7 frames')->seeNot('After');
        $drag =
            'const [from, to] = arguments; const data = new DataTransfer(); const at = (css) => [...document.querySelectorAll(css)].at(-1); const fire = (node, kind) => node.dispatchEvent(new DragEvent(kind, { bubbles: true, cancelable: true, dataTransfer: data })); const frame = at(from); fire(frame, "dragstart"); const done = arguments[2]; setTimeout(() => { fire(at(to), "dragover"); fire(at(to), "drop"); fire(frame, "dragend"); done(1); }, 200)';
        $page->wait($drag, '.strip button', '.strip-own');
        $page->see('6 frames')->see('After');
        $page->keys('n')->see('one frame')->see('Before');
        $page->wait($drag, '.strip button', '.strip-beside');
        $page->see('7 frames');
        expect(Picture::ofBurst($burst)->count())->toBe(7);
        $zip = $page->wait(
            'const done = arguments[1]; fetch(arguments[0]).then((r) => r.arrayBuffer()).then((b) => done([...new Uint8Array(b.slice(0, 2))].join()))',
            "/api/bursts/$burst->uuid/sidecars",
        );
        expect($zip)->toBe('80,75');
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    },
);

it('shows a frame of the run as it would come out', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $page
        ->visit('/rushes/'.$this->user?->rushes()->firstOrFail()->id)
        ->see('Preview')
        ->press('Preview')
        ->see('Drawn from the run that was played');
    $page->until(
        static fn (): bool => $page->script(
            'return [...document.querySelectorAll(".out img")].filter((i) => i.naturalWidth > 400).length',
        ) === 2,
        'both pictures',
    );
    $page->isClean();
});
