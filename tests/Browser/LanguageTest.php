<?php

declare(strict_types=1);

use RushHold\Words\Pseudo;
use Tests\Browser\Page;

/** What a person reads or hears on the page and is in no catalogue: without accents, and longer than a unit. */
function spokenPlainly(Page $page, string $data): array
{
    return (array) $page->script(
        <<<'JS'
        const data = arguments[0].toLowerCase(), plain = new Set();
        const look = (text, where) => {
            for (const part of text.split(/[\[\]]/)) {
                // What has accents is said; names, units and keys are the same in every language.
                const words = part.match(/[A-Za-z]{3,}/g) ?? [];
                const left = words.filter((word) => !data.includes(word.toLowerCase()));
                if (left.length > 0 && !/[À-žƁƑḾ]/.test(part)) plain.add(`${where}: ${part.trim()}`);
            }
        };
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (walk.nextNode()) {
            const of = walk.currentNode.parentElement;
            if (!of.closest('script, style, noscript, kbd, code, .user-name')) look(walk.currentNode.data, of.className.baseVal ?? (of.className || of.tagName));
        }
        for (const of of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
            // What the library says of its own icons and fields.
            if (of.closest('.anticon, .ant-input-password')) continue;
            for (const name of ['aria-label', 'title', 'placeholder', 'alt']) look(of.getAttribute(name) ?? '', name);
        }
        look(document.title, 'title of the page');
        return [...plain];
        JS
        ,
        $data,
    );
}

it('says nothing that is in no catalogue, and cuts nothing off where words are longer', function (
    array $screens,
): void {
    $page = $this->signIn($this->page(390, 844), 'tern-hovering')->speaking(Pseudo::LANGUAGE);
    $rush = $this->saved('Tern hovering over the cove');
    // Names that people and their documents have stay as they are.
    $data = implode(' ', [
        json_encode($rush->document, JSON_THROW_ON_ERROR),
        $rush->name,
        $rush->user->email,
        'Rush Hold',
        'January February March April May June July August September October November December',
        'Monday Tuesday Wednesday Thursday Friday Saturday Sunday Sept',
    ]);
    $plain = $wide = [];
    foreach (array_keys($screens) as $path) {
        $page->visit($path === 'desk' ? "/rushes/$rush->id" : $path)->settled();
        foreach (spokenPlainly($page, $data) as $said) {
            $plain[] = "$path: $said";
        }
        foreach ([320, 390, 1280] as $width) {
            $page->sized($width, 844);
            $across = $page->script('return document.documentElement.scrollWidth');
            if ($across > $width) {
                $wide[] = "$path at $width is $across wide";
            }
        }
    }
    expect($plain)->toBe([])->and($wide)->toBe([]);
})->with(fn (): array => [[array_slice(screens(), 0, 15)], [array_slice(screens(), 15)]]);
