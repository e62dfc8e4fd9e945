<?php

declare(strict_types=1);

it(
    'plans a morning: light above, rushes below, an order that can be dragged, and the way to its buttons',
    function (): void {
        $page = $this->signedIn('puffin-coming-in', 'gannet-along-the-edge', 'tern-hovering');
        $page
            ->press('Outings')
            ->see('Nothing planned yet')
            ->press('Plan the next one')
            ->see('Where will you be?')
            ->isClean()
            ->placed('55.5, -9')
            ->see('wanted frames kept')
            ->see('Gannet gliding along the edge')
            ->isClean();
        $page->script(
            'const set = (type, value) => { const e = [...document.querySelectorAll(`.outing-where input[type=${type}]`)].at(0); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(e, value); e.dispatchEvent(new Event("input", { bubbles: true })); e.dispatchEvent(new Event("change", { bubbles: true })); }; set("date", "2027-06-07")',
        );
        $kept = fn (): int => (int) $page->script('return parseInt(document.querySelector(".day-kept b").textContent)');
        $begins = fn (): array => (array) $page->script(
            'return [...document.querySelectorAll(".day-order > li > p > b")].map(e => e.textContent.slice(0, 5))',
        );
        $page->until(
            fn () => $page->script('return document.querySelector(".outing.older")') === null &&
                count($begins()) === 3 &&
                $kept() > 100,
            'the day in June; %s',
        );
        // None at once, in order of time.
        $sorted = $begins();
        sort($sorted);
        expect($begins())->toBe($sorted)->and(array_unique($begins()))->toHaveCount(3);
        $before = $begins();
        $page->drag('.day-block', 60, 0);
        $page->until(
            fn () => $begins() !== $before &&
                $page->script(
                    'return [...document.querySelectorAll(".entry-special")].some(e => /\\bat \\d\\d:\\d\\d/.test(e.textContent))',
                ) === true,
            'another time; %s',
        );
        $page->see('Take the best order');
        // It is here again after the page was left.
        $page->reload()->see('wanted frames kept');
        expect($page->script('return document.querySelector(".outing-where input[type=date]").value'))->toBe(
            '2027-06-07',
        );
        // Kept, it is in the list with its card, and what is changed afterwards can be saved or dropped.
        $page->type('Name of the outing', 'Cliff in June')->press('Save')->see('Saved');
        $page->until(fn () => str_starts_with($page->path(), '/outings/0'), 'its own address; %s');
        $page->visit('/outings')->see('Cliff in June')->see('Mon, 7 June')->visit('/')->see('Last worked on');
        $page->visit('/outings')->see('Cliff in June');
        $page->script('document.querySelector(".outing-link").click()');
        $page->see('Before leaving')->press('Table: What each rush keeps at which hour')->see('EV ')->isClean();
        $page->press('Leave out Tern hovering over the cove');
        $page->until(fn () => count($begins()) === 2, 'two left; %s');
        $page->press('Buttons')->see('From rest to the moment')->see('Puffin coming in to the slope');
    },
);
