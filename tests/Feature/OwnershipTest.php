<?php

declare(strict_types=1);

use App\Models\User;
use App\Pictures\Arranging;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\Feature\Everything;

/*
 * Every list and every single thing of each kind, with real ids: read by its owner, by another person and by nobody.
 */

/** Asks as somebody else than before. */
function askingAs(mixed $test, ?User $person): mixed
{
    app('auth')->forgetGuards();

    return $person === null ? $test : $test->actingAs($person, 'web');
}

function bodyOf(TestResponse $answer): string
{
    return $answer->baseResponse instanceof StreamedResponse
        ? $answer->streamedContent()
        : (string) $answer->getContent();
}

it('lists two of each kind to their owner, none of them to another, and nothing to nobody', function (): void {
    $owner = $this->person();
    [$one, $two] = [new Everything($owner), new Everything($owner)];
    $other = $this->person();
    foreach ($one->lists() as $path => $called) {
        askingAs($this, null)->getJson($path)->assertUnauthorized();
        $mine = bodyOf(askingAs($this, $owner)->getJson($path)->assertOk());
        expect($mine)->toContain($called)->toContain($two->lists()[$path]);
        expect(bodyOf(askingAs($this, $other)->getJson($path)->assertOk()))->not->toContain($called);
    }
});

it('shows two members of a group to its teacher', function (): void {
    $all = new Everything($this->person());
    $all->group->members()->create(['user_id' => $this->person()->id]);
    $this->actingAs($all->owner)
        ->getJson("/api/groups/{$all->group->id}")
        ->assertOk()
        ->assertJsonCount(2, 'members');
});

it('gives a single thing to its owner, hides it from another, and sends nobody to the door', function (): void {
    $all = new Everything($this->person());
    $other = $this->person();
    foreach ($all->single() as $call) {
        [$method, $path, $body] = [...$call, []];
        askingAs($this, null)->json($method, $path, $body)->assertUnauthorized();
        $answer = askingAs($this, $other)->json($method, $path, $body);
        expect($answer->status())
            ->toBe(404, "$method $path for another person: ".bodyOf($answer))
            ->and(bodyOf($answer))
            ->not->toContain($all->mark);
    }
    // What another could not do has changed nothing, and the owner can: those that delete come last, and are taken
    // back.
    foreach ($all->single() as $call) {
        [$method, $path, $body] = [...$call, []];
        $answer = askingAs($this, $all->owner)->json($method, $path, $body);
        expect($answer->getStatusCode())->toBeLessThan(300, "$method $path for its owner: ".bodyOf($answer));
    }
});

it('forgets no address that names something of somebody’s', function (): void {
    $named = static fn (string $uri): string => (string) preg_replace(
        '#/(?:[0-9a-f]{8}-[0-9a-f-]{27}|[0-9a-z]{26}|\d+)(?=/|$)#',
        '/*',
        $uri,
    );
    $known = array_map(
        static fn (array $call): string => $call[0].' '.$named($call[1]),
        (new Everything($this->person()))->single(),
    );
    $left = [];
    foreach (Route::getRoutes() as $route) {
        assert($route instanceof Address);
        if (
            ! str_starts_with($route->uri(), 'api/') ||
            ! in_array('auth:sanctum', $route->gatherMiddleware(), true) ||
            ! str_contains($route->uri(), '{')
        ) {
            continue;
        }
        $uri = '/'.str_replace('{type}', 'bodies', (string) preg_replace('#\{(?!type)\w+\}#', '*', $route->uri()));
        $call = array_values(array_diff($route->methods(), ['HEAD']))[0].' '.$uri;
        in_array($call, $known, true) || ($left[] = $call);
    }
    // Lists of a kind; what takes playing, pictures or a second thing: each has a test of its own.
    expect($left)->toEqualCanonicalizing([
        'GET /api/kit/bodies',
        'POST /api/kit/bodies',
        'POST /api/kit/bodies/upload',
        'POST /api/kit/bodies/check',
        'PUT /api/kit/bodies/*/buttons',
        'PUT /api/kit/bodies/*/words/*',
        'PUT /api/groups/*/shares',
        'DELETE /api/groups/*/shares',
        'POST /api/shelf/*/take',
        'POST /api/shelf/*/report',
        'DELETE /api/shelf/*',
        'GET /api/tasks/*',
        'PUT /api/tasks/*/done',
        'DELETE /api/tasks/*/done',
        'GET /api/outings/*/card',
        'GET /api/outings/*/files/*',
        'GET /api/outings/*/pocket',
        'POST /api/outings/*/passed-by',
        'POST /api/sweeps/*/stand-in',
        'POST /api/sweeps/*/pictures',
        'GET /api/sweeps/*/paper',
        'POST /api/bursts/*/merge',
        'PUT /api/bursts/*/mark',
        'PUT /api/bursts/*/rush',
        'GET /api/bursts/*/sidecars',
        'PUT /api/pictures/uploads/*',
        'POST /api/pictures/*/retry',
        'GET /api/pictures/*/crop',
        'GET /api/pictures/*/*',
        'POST /api/undo/*',
    ]);
});

it('hides from another what takes playing, pictures or a second thing as well', function (): void {
    $all = new Everything($this->person());
    $mine = new Everything($this->person());
    $this->actingAs($mine->owner, 'web');
    $outing = "/api/outings/{$all->outing->id}";
    $words = ['label' => 'x', 'where' => 'y'];
    $calls = [
        ['PUT', "/api/kit/bodies/{$all->kit['bodies']->id}/words/area.block", $words],
        ['PUT', "/api/kit/bodies/{$all->kit['bodies']->id}/buttons", ['rest' => [], 'sets' => []]],
        ['GET', "$outing/card"],
        ['GET', "$outing/files/a6"],
        ['GET', "$outing/pocket"],
        ['POST', "$outing/passed-by"],
        [
            'POST',
            "/api/sweeps/$all->sweep/stand-in",
            ['frames' => [['value' => 0, 'times' => 1]], 'distance_m' => 10, 'focal_mm' => 500],
        ],
        ['POST', "/api/sweeps/$all->sweep/pictures", ['burst' => $mine->burst]],
        ['GET', "/api/sweeps/$all->sweep/paper"],
        ['POST', "/api/bursts/$mine->burst/merge", ['other' => $all->burst]],
        ['POST', "/api/bursts/$all->burst/merge", ['other' => $mine->burst]],
        ['PUT', "/api/bursts/$all->burst/mark", ['picture' => $all->picture->id, 'x' => 0, 'y' => 0]],
        ['POST', '/api/pictures/bursts/join', ['bursts' => [$mine->burst, $all->burst]]],
        ['POST', '/api/pictures/bursts/match', ['bursts' => [$all->burst], 'rush_id' => $mine->rush->id]],
        ['POST', '/api/pictures/bursts/match', ['bursts' => [$mine->burst], 'rush_id' => $all->rush->id]],
        ['POST', '/api/pictures/judge', ['pictures' => [$all->picture->id], 'said' => true]],
        ['POST', '/api/pictures/delete', ['pictures' => [$mine->picture->id, $all->picture->id]]],
        ['POST', '/api/pictures/move', ['pictures' => [$all->picture->id], 'burst' => null]],
        ['POST', '/api/pictures/move', ['pictures' => [$mine->picture->id], 'burst' => $all->burst]],
        ['POST', '/api/undo/'.(new Arranging($all->owner))->judge([$all->picture->id], ['said' => true])],
        ['PUT', "/api/bursts/$mine->burst/rush", ['rush_id' => $all->rush->id]],
        ['PUT', "/api/bursts/$all->burst/rush", ['rush_id' => $mine->rush->id]],
        ['GET', "/api/bursts/$all->burst/sidecars"],
        ['POST', "/api/pictures/{$all->picture->id}/retry"],
        ['GET', "/api/pictures/{$all->picture->id}/crop"],
        ['PUT', "/api/groups/{$all->group->id}/shares", ['drills' => true, 'rushes' => []]],
        ['DELETE', "/api/groups/{$mine->group->id}/members/$all->member"],
        ['DELETE', "/api/groups/{$mine->group->id}/tasks/$all->task"],
        ['GET', "/api/tasks/$all->task"],
        ['PUT', "/api/tasks/$all->task/done"],
        ['DELETE', "/api/tasks/$all->task/done"],
        ['DELETE', "/api/outings/{$mine->outing->id}/links/{$all->link->id}"],
    ];
    foreach ($calls as $call) {
        [$method, $path, $body] = [...$call, []];
        $answer = $this->json($method, $path, $body);
        expect($answer->status())
            ->toBe(404, "$method $path: ".bodyOf($answer))
            ->and(bodyOf($answer))
            ->not->toContain($all->mark);
    }
});
