<?php

declare(strict_types=1);

use App\Models\KitType;
use Facebook\WebDriver\WebDriverKeys;

it('guides through a body, which then plans, and comes back from its file', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $page->press('Kit')->see('None of your own yet')->isClean();
    $page->press('Describe your body')->see('Which is nearest to yours?');
    $page->hit('.start-list li:nth-child(4) button');
    $page->press('Next: sensor and speed')->see('What you call it');
    $page
        ->type('What you call it', 'Old friend')
        ->type('Frame rate', '9')
        ->type('Focus measurements a second', '900')
        ->see('How often it measures must be between 10 and 240 Hz; 900 was given.');
    $page->type('Focus measurements a second', '45')->seeNot('must be between')->isClean();
    $page->press('Next: areas')->see('Tick those');
    $page->script('document.querySelector("[aria-label=\'Has Band\']").click()');
    $page
        ->type('Width of Block in %', '20')
        ->drag('.sketch-handle', 16, 0)
        ->press('Next: detection, response')
        ->see('Patience is how long');
    // What is written is not lost when the page goes away.
    $page->reload()->press('2 Sensor and speed');
    expect($page->value('What you call it'))
        ->toBe('Old friend')
        ->and($page->value('Focus measurements a second'))
        ->toBe('45');
    $page->press('5 Buttons')->press('Add a stored set')->choose('Area', 'Block')->isClean();
    $page
        ->press('6 Its own words')
        ->type('Search either word', 'block')
        ->type('Your camera’s word for Block (Areas)', 'Broad block')
        ->type('Where to find Block (Areas)', 'Second page');
    // Found by its own word as well as by ours.
    $page->type('Search either word', 'broad')->see('Areas')->seeNot('Small ring');
    $page->isClean()->press('Save this body')->see('“Old friend” is in your kit.');
    $kept = $this->user->kit()->firstOrFail();
    expect($kept->document['frames_per_s'])
        ->toEqual(9)
        ->and($kept->document['areas']['block']['width'])
        ->toBeGreaterThan(0.25)
        ->toBeLessThan(0.36)
        ->and($kept->document['stored_sets'][0]['area'])
        ->toBe('block')
        ->and($kept->document['areas']['band'])
        ->toEqual([
            'width' => 0.85,
            'height' => 0.22,
            'modes' => ['single', 'single-then-ring', 'continuous', 'auto-switch'],
            'detects' => false,
            'sees_eyes' => false,
        ])
        ->and($kept->document['words'])
        ->toEqual(['area.block' => ['label' => 'Broad block', 'where' => 'Second page']])
        ->and($kept->based_on)
        ->toBe('sample-old-mirror');

    $page->type('Search kit and words', 'broad')->see('Old friend')->seeNot('24 MP stacked mirrorless');
    $page->press('More for Old friend')->press('Delete')->see('“Old friend” is deleted')->see('None of your own yet');
    $file = tempnam(sys_get_temp_dir(), 'body').'.json';
    file_put_contents($file, json_encode(App\Documents\Documents::withObjects($kept->document)));
    $page
        ->type('Search kit and words', WebDriverKeys::BACKSPACE)
        ->upload('Body file to upload', $file)
        ->see('“Old friend” is in your kit.');
    $page->until(fn () => $this->user->kit()->exists(), 'the body to be kept; %s');
    unlink($file);
    expect($this->user->kit()->firstOrFail()->document)->toEqual($kept->document);

    // Another body, another hold.
    $page
        ->visit('/rushes/'.$this->saved('Puffin coming in to the slope')->id)
        ->see('Depth lane')
        ->settled();
    expect($page->held('focus.detect'))->toBe('Bird');
    $page->unfold('You and your kit');
    $page->choose('Body', 'Old friend');
    $page->until(fn () => $page->held('focus.detect') === 'Off', 'no detection on a mirror body; %s');
    $page->hit('[data-setting="focus.area"]');
    $page->settled()->isClean();
});

it('shows the camera’s own words, and asks once for those that are missing', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $body = [
        ...KitType::Bodies->filled(KitType::Bodies->samples()['sample-fast-mirrorless']),
        'name' => 'My body',
        'words' => ['detect.bird' => ['label' => 'Feathers', 'where' => 'Page three']],
    ];
    $item = $this->user->kit()->create(['type' => KitType::Bodies, 'name' => 'My body', 'document' => $body]);
    $rush = $this->saved('Puffin coming in to the slope');
    $rush->document = [
        ...$rush->document,
        'kit' => [...$rush->document['kit'], 'body' => $body, 'body_id' => $item->id],
    ];
    $rush->save();
    $page
        ->visit("/rushes/$rush->id")
        ->see('Depth lane')
        ->settled()
        ->see('Feathers');
    $page->hit('[data-setting="focus.mode"]');
    $page
        ->see('What does your camera call Continuous?')
        ->type('Your camera’s word for Continuous', 'Keep up')
        ->type('Where to find Continuous', 'Ring on the left')
        ->isClean();
    $page
        ->press('Keep')
        ->see('On your camera “Keep up”, Ring on the left')
        ->seeNot('What does your camera call Continuous?');
    $page->hit('[data-setting="focus.area"]');
    $page->settled()->see('What does your camera call')->press('Do not ask');
    $page->settled()->seeNot('What does your camera call');
    $page->press('Save')->see('Saved')->reload()->see('Depth lane')->settled()->see('Keep up');
    $page->hit('[data-setting="focus.area"]');
    $page->settled()->seeNot('What does your camera call');
    expect($item->refresh()->document['words'])->toHaveKeys(['detect.bird', 'mode.continuous']);
});

it('says what to change from how the camera stands, the dangerous first', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $page
        ->visit('/rushes/'.$this->saved('Puffin coming in to the slope')->id)
        ->see('Depth lane')
        ->settled();
    $page
        ->press('To set')
        ->see('is not known yet')
        ->choose('Detection now', 'Person')
        ->see('finds nothing here, or grabs a bystander')
        ->isClean();
    $page->script('document.querySelector(".changes details").open = true');
    $page->choose('Switch on the lens now', 'Manual')->see('no focus setting has any effect');
    $page->press('I have set it like this')->see('Nothing to change.');
    expect($this->user->refresh()->standings['sample-fast-mirrorless']['focus']['detect'])->toBe('bird');
});

it('says which of one’s own lenses suits a rush, and takes it', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    foreach (['sample-24-70' => 'The short one', 'sample-200-600' => 'The long one'] as $id => $name) {
        $this->user
            ->kit()
            ->create([
                'type' => KitType::Lenses,
                'name' => $name,
                'document' => [...KitType::Lenses->filled(KitType::Lenses->samples()[$id]), 'name' => $name],
            ]);
    }
    $page
        ->visit('/rushes/'.$this->saved('Puffin coming in to the slope')->id)
        ->see('Depth lane')
        ->settled();
    $page->unfold('You and your kit');
    $page->press('Which of my lenses suits this?')->see('Your lenses, best first')->isClean();
    $names = $page->script('return [...document.querySelectorAll(".lens-choices b")].map(b => b.textContent)');
    expect($names)->toBe(['The long one', 'The short one']);
    $page->press('Use it: The long one')->seeNot('Your lenses, best first')->see('The long one');
    $page->settled();
    expect((float) $page->value('Nearest focus'))->toBe(4.0);
});

it('tests aim with the pointer, and new rushes start from it', function (): void {
    $page = $this->signedIn();
    $page
        ->press('Preferences and account')
        ->press('Defaults')
        ->see('Defaults')
        ->isClean()
        ->press('Test aim and following')
        ->see('Press Start')
        ->isClean();
    // A steady hand that is a little late.
    $page->script((string) file_get_contents(__DIR__.'/hands.js'));
    $page->script('window.hurry(60); const field = document.querySelector(".aim-field"); const mark = field.querySelector("g"); const way = [];
        const hand = () => { if (document.querySelector(".aim-score")) return; requestAnimationFrame(hand); const at = /translate\(([-\d.]+) ([-\d.]+)/.exec(mark.getAttribute("transform") ?? ""); if (!at) return; way.push(at);
            const [, x, y] = way[Math.max(0, way.length - 6)]; const box = field.getBoundingClientRect(); const scale = box.width / 1000;
            field.dispatchEvent(new PointerEvent("pointermove", { bubbles: true, clientX: box.left + box.width / 2 + x * scale, clientY: box.top + box.height / 2 + y * scale }));
        }; requestAnimationFrame(hand);');
    $page->press('Start')->see('Late by')->isClean();
    $page->press('Start from these')->see('Defaults');
    $aim = $this->user->refresh()->habits['photographer']['aim'];
    expect($aim)->toBeGreaterThan(0.5);
    $page->visit('/rushes/new')->see('Depth lane');
    $page->script('[...document.querySelectorAll(".rush details")].forEach(d => { d.open = true; })');
    $page->see(round(100 * $aim).'%');
});
