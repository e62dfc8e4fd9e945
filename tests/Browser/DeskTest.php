<?php

declare(strict_types=1);

it('goes from the door to a changed, pinned and saved rush', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $page->isClean()->hit('.rush-link');
    $page->see('Depth lane');
    $page->until(fn () => $page->held('exposure.shutter_s') !== '', 'the hold %s');
    $page->isClean();
    [$shutter, $iso, $start] = array_map($page->held(...), ['exposure.shutter_s', 'exposure.iso', 'focus.start_at_m']);
    $picture = $page->attribute('.finder-view', 'aria-label');
    $lane = $page->attribute('.lane-plot', 'aria-label');

    // A slower, larger subject, nearer, in worse light: everything answers.
    $page->choose('Subject', 'Gannet, gliding');
    $page->until(fn () => $page->attribute('.finder-view', 'aria-label') !== $picture, 'another picture; %s');
    $page->type('Distance', '30');
    $page->until(fn () => $page->held('focus.start_at_m') !== $start, 'another start distance; %s');
    expect($page->attribute('.lane-plot', 'aria-label'))->not->toBe($lane);
    $page->unfold('Light')->press('Picked');
    $page->until(fn () => $page->value('Light value') !== '', 'a light value; %s');
    $page->type('Light value', '7.2');
    $page->until(fn () => $page->held('exposure.iso') !== $iso, 'another ISO; %s');
    $page->see('too dark');

    // Pin another shutter: the ISO follows.
    $page->hit('[data-setting="exposure.shutter_s"]');
    $page->press('1/500 s');
    $page->until(fn () => $page->held('exposure.shutter_s') === '1/500 s', 'the pinned shutter; %s');
    $page->see('Unpin the one')->seeNot('too dark');
    $page->press('Save')->see('Saved');
    $page->reload()->see('Depth lane');
    $page->until(fn () => $page->held('exposure.shutter_s') === '1/500 s', 'the pinned shutter after loading; %s');
    expect($page->value('Distance'))->toBe('30')->and($shutter)->not->toBe('1/500 s');
    $page->isClean();

    $saved = $this->saved('Puffin coming in to the slope');
    expect($saved->document['path']['start_m'])
        ->toEqual(30)
        ->and($saved->document['light']['ev100'])
        ->toEqual(7.2)
        ->and($saved->pins['exposure']['shutter_s'])
        ->toEqualWithDelta(1 / 500, 1e-4);
});

it('lets the way be dragged in the plan, and takes it back', function (): void {
    $page = $this->signedIn('gannet-along-the-edge');
    $page->visit('/rushes/'.$this->saved('Gannet gliding along the edge')->id)->see('Depth lane');
    $page->until(fn () => $page->held('exposure.shutter_s') !== '', 'the hold %s');
    [$distance, $heading] = [(float) $page->value('Distance'), (float) $page->value('Heading')];
    $page->drag('.handle[aria-label="Distance at the start"] .dot', 0, 40);
    $page->until(fn () => (float) $page->value('Distance') < $distance - 3, 'a shorter distance; %s');
    $page->drag('.handle[aria-label="Heading"] .map-end', -20, 40);
    $page->until(fn () => (float) $page->value('Heading') !== $heading, 'another heading; %s');
    $page->press('Undo')->press('Undo');
    $page->until(
        fn () => (float) $page->value('Distance') === $distance && (float) $page->value('Heading') === $heading,
        'what was before; %s',
    );
    // The same with the keyboard.
    $page->script('document.querySelector(".handle[aria-label=\"Distance at the start\"]").focus()');
    $page->keys(Facebook\WebDriver\WebDriverKeys::ARROW_DOWN);
    $page->until(fn () => (float) $page->value('Distance') === $distance - 1, 'one metre less; %s');
    $page->isClean();
});

it('shapes the way: bent by its middle, round corners, faster and slower', function (): void {
    $page = $this->signedIn('gannet-along-the-edge');
    $page->visit('/rushes/'.$this->saved('Gannet gliding along the edge')->id)->see('Depth lane');
    $page->until(fn () => $page->held('exposure.shutter_s') !== '', 'the hold %s');

    $page->unfold('Path');
    $page->drag('.handle[aria-label="Bend"] .knot', 0, -28);
    $page->until(fn () => $page->value('Radius') !== '', 'a radius; %s');
    $radius = (float) $page->value('Radius');
    $lasting = (float) $page->value('Lasts');
    // Half as wide a bend with the same speed and time turns farther.
    $end = $page->attribute('.map-end', 'transform');
    $page->type('Radius', (string) round($radius / 2));
    $page->until(fn () => $page->attribute('.map-end', 'transform') !== $end, 'another end; %s');

    $page->press('Corners');
    $page->until(fn () => $page->value('Corner 2, across') !== '', 'two corners; %s');
    $page->press('Add a corner');
    $page->until(fn () => $page->value('Corner 3, across') !== '', 'a third; %s');
    $page->type('Corner 1, across', '-4');
    $across = (float) $page->value('Corner 2, across');
    $page->drag('.handle[aria-label="Corner 2"] .knot', 25, 0);
    $page->until(fn () => (float) $page->value('Corner 2, across') > $across + 1, 'the second farther right; %s');
    $page->press('It brakes or speeds up')->see('goes to');
    $page->type('goes to', '3');
    $page->until(
        fn () => str_contains($page->attribute('.speed-sketch', 'aria-label'), '3 m/s in the end'),
        'the slower end; %s',
    );
    $page->isClean();

    $page->press('Save')->see('Saved');
    $path = $this->saved('Gannet gliding along the edge')->document['path'];
    expect($path['points'])
        ->toHaveCount(3)
        ->and($path['points'][0]['across_m'])
        ->toEqual(-4)
        ->and($path['speed_changes'][0]['to_mps'])
        ->toEqual(3)
        ->and($path['seconds'])
        ->toEqualWithDelta($lasting, 0.01);
    $page->press('Straight')->seeNot('Add a corner');
    expect($page->attribute('.handle[aria-label="Bend"]', 'aria-valuetext'))->toBe('straight');
});

it('says when others are not sharp together, and turns against the light', function (): void {
    $page = $this->signedIn('sprint-finish');
    $page
        ->visit('/rushes/'.$this->saved('Sprint for the line')->id)
        ->see('Depth lane')
        ->see('beside it');
    $page->until(fn () => $page->held('exposure.shutter_s') !== '', 'the hold %s');
    $page->unfold('Surroundings');
    $page->press('One more');
    $page->until(fn () => $page->value('Number 3 at') !== '', 'a row for the third; %s');
    $page->type('Number 3 at', '20')->see('The nearest and the farthest cannot both be sharp')->see('in one plane');
    $page->isClean();
    $page->hit('[aria-label="Remove number 3"]');
    $page->seeNot('cannot both be sharp');
    $page->unfold('Light')->press('Picked')->see('Backlit')->hit('[aria-label=Light] .ant-checkbox-wrapper');
    $page->until(
        fn () => $page->script('return document.querySelector("[aria-label=Light] input[type=checkbox]").checked'),
        'the tick; %s',
    );
    $page->press('Save')->see('Saved');
    expect($this->saved('Sprint for the line')->document['scene']['backlit'])
        ->toBeTrue()
        ->and($this->saved('Sprint for the line')->document['group'])
        ->toHaveCount(1);
});

it('says what is wrong with an entry beside it, and keeps the last answer', function (): void {
    $page = $this->signedIn('hare-through-the-campion');
    $page->visit('/rushes/'.$this->saved('Hare bolting through the campion')->id)->see('Depth lane');
    $page->until(fn () => $page->held('exposure.shutter_s') !== '', 'the hold %s');
    $shutter = $page->held('exposure.shutter_s');
    $page->type('Distance', '2')->see('The distance at the start must be between 3.5 and 10000 m; 2 was given.');
    expect($page->held('exposure.shutter_s'))->toBe($shutter);
    $page->isClean();
    $page->type('Distance', '26')->seeNot('must be between');
});

it('plays a run, steps to a lost frame and says what lost it', function (): void {
    $page = $this->signedIn('hare-through-the-campion');
    $page
        ->visit('/rushes/'.$this->saved('Hare bolting through the campion')->id)
        ->see('in this run')
        ->see('by the model');
    $page->isClean();
    for ($i = 0; $i < 40 && ! str_contains($page->text(), 'lost: '); $i++) {
        $page->keys('.');
    }
    $page->see('lost: ');
    $first = $page->text();
    $page->press('Another pass');
    $page->until(fn () => $page->text() !== $first, 'another run; %s');
    $page->press('Play');
    $page->see('2.20 of 2.2 s');
    $page->keys('?');
    $page->see('The rush desk');
});

it('keeps a draft that was never saved', function (): void {
    $page = $this->signedIn('barriers');
    $id = $this->saved('Over the barriers')->id;
    $page->visit("/rushes/$id")->see('Depth lane');
    $page->type('Name of the rush', 'Second lap')->see('Save');
    $page->reload()->see('Depth lane');
    expect($page->value('Name of the rush'))->toBe('Second lap')->and($this->saved('Over the barriers')->id)->toBe($id);
});

it('is a column on a phone, in feet for those who like them', function (): void {
    $page = $this->signIn($this->page(390, 844), 'sprint-finish', 'tern-hovering');
    expect($page->script('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    $page->isClean();
    $page->press('Preferences and account')->press('Feet, mph')->see('mph');
    $page->visit('/rushes/'.$this->saved('Sprint for the line')->id)->see('Depth lane');
    $page->until(fn () => $page->held('focus.start_at_m') !== '', 'the hold %s');
    expect($page->held('focus.start_at_m'))
        ->toEndWith(' ft')
        ->and($page->script('return document.documentElement.scrollWidth'))
        ->toBeLessThanOrEqual(390);
    $page->isClean();
    // The answer stays at the thumb, and leads to where it is explained.
    $page->until(
        fn () => str_contains(
            (string) $page->script('return document.querySelector(".jump-says").textContent'),
            'of 60',
        ),
        'the keepers at the thumb; %s',
    );
    $page->hit('.jump-places button:last-child');
    $page->until(
        fn () => abs((float) $page->script('return document.querySelector(".hold").getBoundingClientRect().top')) < 60,
        'the hold to come up; %s',
    );
});
