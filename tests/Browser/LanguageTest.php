<?php

declare(strict_types=1);

use RushHold\Words\Catalogue;
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
    $page = $this->signIn($this->page(390, 844), 'tern-hovering')->speaking(Pseudo::LANGUAGE)->reload();
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
        $page->go($path === 'desk' ? "/rushes/$rush->id" : $path);
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

/**
 * Words that are in nothing of a language’s catalogue, though those of the first one have them: said in the wrong
 * language.
 */
function strangeWords(Page $page, string $language, string $data): array
{
    $words = static function (string $language): string {
        $said = [];
        foreach (glob(dirname(__DIR__, 2)."/lang/$language/*/*.json") ?: [] as $file) {
            // What is said, not the keys it has.
            array_push($said, ...array_values(json_decode((string) file_get_contents($file), true)));
        }

        // Without the names of what goes in, and of cases.
        return (string) preg_replace('~\{\w+(?:\}|, (?:select|plural),)|[\w=]+ \{~u', ' ', implode("\n", $said));
    };

    return (array) $page->script(
        <<<'JS'
        const wordsOf = (text) => (text.match(/\p{L}{3,}/gu) ?? []).map((word) => word.toLowerCase());
        const own = new Set(wordsOf(arguments[0])), first = new Set(wordsOf(arguments[1])), strange = new Set();
        const look = (text, where) => {
            const left = wordsOf(text).filter((word) => first.has(word) && !own.has(word));
            if (left.length > 0) strange.add(`${where}: ${text.trim().slice(0, 100)} (${left})`);
        };
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (walk.nextNode()) {
            const of = walk.currentNode.parentElement;
            if (!of.closest('script, style, noscript, kbd, code, .user-name')) look(walk.currentNode.data, of.className.baseVal ?? (of.className || of.tagName));
        }
        for (const of of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
            if (of.closest('.anticon')) continue;
            for (const name of ['aria-label', 'title', 'placeholder', 'alt']) look(of.getAttribute(name) ?? '', name);
        }
        look(document.title, 'title of the page');
        return [...strange];
        JS
        ,
        "$data {$words($language)}",
        $words(Catalogue::FIRST),
    );
}

/** Words of ours that do not fit where they stand; names that people gave may be shortened. */
function cutWords(Page $page, string $data): array
{
    return (array) $page->script(
        <<<'JS'
        const data = arguments[0].toLowerCase();
        const hides = (of) => /hidden|clip/.test(getComputedStyle(of).overflowX);
        const cut = [...document.querySelectorAll('button, a, th, dt, dd, label, legend, h1, h2, h3, b, small, .label, .ant-segmented-item-label')]
            .filter((of) => of.offsetWidth > 1 && of.children.length === 0 && !of.closest('.sr-only') && hides(of) && of.scrollWidth > of.clientWidth + 1)
            .map((of) => of.textContent.trim())
            .filter((text) => text !== '' && !data.includes(text.toLowerCase()));
        return [...new Set(cut)];
        JS
        ,
        $data,
    );
}

it('says everything in German, and nothing is cut off or wider than the screen', function (array $screens): void {
    $page = $this->signIn($this->page(390, 844), 'tern-hovering')->speaking('de')->reload();
    $rush = $this->saved('Tern hovering over the cove');
    $data = [$rush->name, $rush->user->name, $rush->user->email, 'English', 'Rush Hold'];
    $document = $rush->document;
    array_walk_recursive($document, static function (mixed $value) use (&$data): void {
        is_string($value) && ($data[] = $value);
    });
    $data = implode(' ', $data);
    $strange = $wide = [];
    foreach (array_keys($screens) as $path) {
        $page->go($path === 'desk' ? "/rushes/$rush->id" : $path);
        foreach (strangeWords($page, 'de', $data) as $said) {
            $strange[] = "$path: $said";
        }
        foreach ([320, 390, 1280] as $width) {
            $page->sized($width, 844);
            foreach (cutWords($page, $data) as $cut) {
                $wide[] = "$path at $width cuts “{$cut}”";
            }
            $across = $page->script('return document.documentElement.scrollWidth');
            if ($across > $width) {
                $wide[] = "$path at $width is $across wide";
            }
        }
    }
    expect($strange)->toBe([])->and($wide)->toBe([]);
})->with(fn (): array => [[array_slice(screens(), 0, 15)], [array_slice(screens(), 15)]]);

it('changes the language at once, with what was open, and keeps it with the account', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $rush = $this->saved('Puffin coming in to the slope');
    $page
        ->visit("/rushes/$rush->id")
        ->see('in this run')
        ->type('Distance', '43')
        ->settled();
    $page->press('Preferences and account')->press('Deutsch');
    // The page is loaded anew: a script that was waiting in the old one would never answer.
    $page->until(
        static fn (): bool => $page->script('return document.documentElement.lang') === 'de',
        'the page in German',
    );
    $page->see('Ungesicherte Änderungen wiederhergestellt')->see('diesmal');
    expect(
        $page->script(
            'return [document.documentElement.lang, document.querySelector("[aria-label=Entfernung], #"+CSS.escape([...document.querySelectorAll("label")].find((l) => l.textContent === "Entfernung")?.htmlFor ?? "none")).value]',
        ),
    )
        ->toBe(['de', '43'])
        ->and($this->user->refresh()->habits()->language)
        ->toBe('de');
    // Another browser that signs in takes it over.
    $page->script('document.cookie = "language=; path=/; max-age=0"');
    $page->visit('/')->see('Was kommt?');
    expect($page->script('return [document.documentElement.lang, document.cookie.includes("language=de")]'))->toBe([
        'de',
        true,
    ]);
});
