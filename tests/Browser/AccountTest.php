<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Str;

it('opens an account, makes a token, and deletes all of it again', function (): void {
    $page = $this->page();
    $email = Str::lower(Str::random(10)).'@example.test';
    $page->visit('/sign-in')->press('Create an account')->see('It keeps your rushes')->isClean();
    $page
        ->type('Name', 'Newcomer')
        ->type('E-mail', $email)
        ->type('Password', 'short')
        ->press('Open account')
        ->see('At least ten characters.');
    $page->type('Password', 'long enough now')->press('Open account')->see('Get started');
    $this->user = User::query()->where('email', $email)->firstOrFail();
    $page
        ->visit('/account')
        ->see('Signed in as')
        ->type('What the token is for', 'Card printer')
        ->press('Make a token')
        ->see('Copy it now')
        ->see('never used')
        ->isClean();
    $page->press('Withdraw Card printer')->seeNot('never used');
    $page
        ->press('Delete my account')
        ->see('This cannot be undone')
        ->type('Your password', 'wrong')
        ->press('Delete for good')
        ->see('That is not your password.');
    $page->type('Your password', 'long enough now')->press('Delete for good')->see('Keep it sharp');
    expect(User::query()->where('email', $email)->exists())->toBeFalse();
});

it('opens the demo with one button and leaves it again', function (): void {
    $page = $this->page();
    $page->visit('/sign-in')->press('Try the demo')->see('Puffin coming in to the slope');
    $page->press('Preferences and account')->press('Sign out')->see('Keep it sharp');
});
