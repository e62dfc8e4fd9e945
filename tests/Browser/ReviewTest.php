<?php

declare(strict_types=1);

use App\Models\Burst;
use App\Models\SavedOuting;

it(
    'logs a burst at home in two taps, says what the log comes to, and lets it be corrected and deleted',
    function (): void {
        $person = $this->account('tern-hovering', 'puffin-coming-in');
        $outing = SavedOuting::factory()->for($person)->with(...$person->rushes()->orderBy('id')->get())->create();
        $page = $this->enter($this->page(), $person);
        $page
            ->press('Review')
            ->see('Nothing logged yet')
            ->visit("/outings/$outing->id")
            ->see('wanted frames kept')
            // The order of the day is not settled before it was played.
            ->seeNot('if nothing goes wrong')
            ->see('Before leaving');
        foreach ([['Most', 'Blocked from view'], ['Few', 'Camera shake']] as [$many, $lost]) {
            $page->script('document.querySelector(".day-order .ant-btn-link").click()');
            $page->press($many)->press($lost)->see('is logged');
        }
        $page->see('2 bursts')->isClean();
        $logged = Burst::query()->where('user_id', $person->id)->firstOrFail();
        expect($logged->hold)->not->toBeNull()->and($logged->shot_at->toDateString())->toBe('2026-06-07');
        $page->visit('/review')->see('Kept, by rush')->see('2 bursts')->see('most kept, the rest: blocked from view')->isClean();
        $page
            ->press('Correct')
            ->type('or counted', '50 of 40')
            ->see('such as 12, or 12 of 40.')
            ->type('or counted', '30 of 40')
            ->press('Keep')
            ->see('30 of 40 kept');
        $page
            ->press("Delete the burst of $logged->rush")
            ->see('The burst is deleted')
            ->see('one burst')
            ->press('Undo')
            ->see('2 bursts');
        expect(Burst::query()->where('user_id', $person->id)->count())->toBe(2);
        // The dot lies within its interval, and both on the scale.
        expect(
            $page->script(
                'const box = (css) => document.querySelector(css).getBoundingClientRect(); const [scale, range, dot] = [box(".shares-scale"), box(".shares-range"), box(".shares-dot")]; const middle = (dot.left + dot.right) / 2; return range.width > 20 && middle > range.left && middle < range.right && range.left > scale.left && range.right < scale.right',
            ),
        )->toBeTrue();
    },
);
