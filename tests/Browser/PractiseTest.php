<?php

declare(strict_types=1);

use RushHold\Document\RushDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\Ring;
use RushHold\Optics\ThinLens;
use Tests\Browser\Page;

it('shows the blur that the lens has', function (): void {
    // What was turned is seen in the picture after the next.
    $drawn = static fn (Page $page): mixed => $page->wait(
        'const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => done(true)))',
    );
    $page = $this->signedIn('gannet-along-the-edge');
    $rush = RushDocument::read($this->user->rushes()->firstOrFail()->document)->rush;
    $page->visit('/practice/ring?exercise=still')->see('Drag or scroll the ring')->press('Start');
    $page->until(
        static fn (): bool => $page->script('return document.querySelector(".ring-view").dataset.metres') !== '',
        'a subject',
    );
    $lens = new ThinLens($rush->kit->focalMm());
    $ring = new Ring($rush->kit->focalMm(), $rush->kit->widest(), $rush->kit->lens->nearestM, $rush->cocUm());
    foreach ([0, 140, -420] as $pixels) {
        $page->script(
            'document.querySelector(".ring-field").dispatchEvent(new WheelEvent("wheel", { deltaY: arguments[0], cancelable: true }))',
            $pixels,
        );
        $drawn($page);
        // Between two subjects there is nothing to be blurred.
        $page->until(static function () use ($page, &$turn, &$metres, &$blur): bool {
            [$turn, $metres, $blur] = $page->script(
                'const d = document.querySelector(".ring-view").dataset; return [Number(d.turn), Number(d.metres), Number(d.blurUm)]',
            );

            return $metres > 0;
        }, 'a subject');
        expect($blur)->toEqualWithDelta(
            $lens->defocusUm($rush->kit->widest(), $ring->metres($turn), $metres),
            0.02 * $blur + 0.5,
        );
    }
    // What is drawn gets crisper as the ring comes to where it is sharp: the picture itself is looked at.
    $crisp = <<<'JS'
    const view = document.querySelector('.ring-view');
    const { data, width } = view.getContext('2d').getImageData(0, 0, view.width, view.height);
    let sum = 0;
    for (let i = 4; i < data.length; i += 4) sum += (data[i] - data[i - 4]) ** 2;
    return [sum, Number(view.dataset.blurUm)];
    JS;
    $drive =
        'const d = document.querySelector(".ring-view").dataset; const goal = arguments[0]; document.querySelector(".ring-field").dispatchEvent(new WheelEvent("wheel", { deltaY: -(goal - Number(d.turn)) * 2160 / 0.35, cancelable: true }))';
    $seen = [];
    foreach ([40, 12, 4, 1, 0] as $plays) {
        // It may be gone before it was looked at; then the next one is.
        $page->until(static function () use ($page, $ring, $plays, $drive, $crisp, $drawn, &$looked): bool {
            $metres = (float) $page->script('return document.querySelector(".ring-view").dataset.metres');
            if ($metres <= 0) {
                return false;
            }
            $page->script($drive, $ring->turn($metres) + $plays * $ring->play($metres));
            $drawn($page);
            $looked = $page->script($crisp);

            return (float) $page->script('return document.querySelector(".ring-view").dataset.metres') === $metres;
        }, 'a subject to be looked at');
        $seen[] = $looked;
    }
    usort($seen, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
    foreach (array_slice($seen, 1) as $i => [$sum, $blur]) {
        // So little that a pixel does not show it is noise.
        $seen[$i][1] > 8 * $rush->cocUm() && expect($sum)->toBeGreaterThan($seen[$i][0]);
    }
    expect($seen[4][0])->toBeGreaterThan(2 * $seen[0][0]);
});

it('gives a rush to be copied, and a turn to be played by all', function (): void {
    $page = $this->signedIn('gannet-along-the-edge', 'tern-hovering');
    $course = $page->wait(
        'const done = arguments[0]; fetch("/api/drills/course", { method: "POST", headers: { "Content-Type": "application/json", "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]) }, body: JSON.stringify({ drill: "moment", seed: 77 }) }).then((r) => r.json()).then(done)',
    );
    $drill = $this->user
        ->drills()
        ->create([
            'exercise' => Exercise::Moment,
            'day' => now()->toDateString(),
            'done_at' => now(),
            'score' => ['drill' => 'moment', 'seed' => 77, 'share' => 0.5],
            'document' => [...$course['document'], 'trace' => [3]],
        ]);
    $offer = static fn (string $kind, string $id): string => $page->wait(
        'const [kind, id, done] = arguments; fetch("/api/copies", { method: "POST", headers: { "Content-Type": "application/json", "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]) }, body: JSON.stringify({ kind, id, days: 7 }) }).then((r) => r.json()).then((j) => done(new URL(j.address).pathname))',
        $kind,
        $id,
    );
    $rush = $offer('rush', $this->user->rushes()->firstOrFail()->id);
    $turn = $offer('drill', $drill->id);
    $first = $this->user;
    try {
        $page->wait(
            'const done = arguments[0]; fetch("/api/session", { method: "DELETE", headers: { "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]) } }).then(() => done(true))',
        );
        $page->visit($rush)->see('offers you a rush')->see('open an account')->isClean();
        $other = $this->account();
        $this->enter($page, $other)->visit($rush)->press('Copy it into my account')->see('Depth lane');
        expect($other->rushes()->count())->toBe(1);
        $page->visit($turn)->press('Play it')->see('the same for everybody')->press('Start')->see('1 of 12');
    } finally {
        $first->delete();
    }
});
