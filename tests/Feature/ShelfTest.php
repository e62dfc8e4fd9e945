<?php

declare(strict_types=1);

use App\Models\KitItem;
use App\Models\KitType;
use App\Models\ShelfItem;

beforeEach(function (): void {
    $this->owner = $this->person();
    $this->body = KitItem::factory()
        ->of(KitType::Bodies, ['name' => 'Kestrel 9', 'words' => ['area.block' => ['label' => 'Zonal patch', 'where' => 'AF 2']]])
        ->for($this->owner)
        ->create(['name' => 'Kestrel 9']);
    $this->put = fn (array $more = []) => $this->actingAs($this->owner)->postJson('/api/shelf', ['type' => 'bodies', 'id' => $this->body->id, ...$more]);
    $this->found = fn ($person, string $search) => $this->actingAs($person)->getJson('/api/shelf?type=bodies&search='.urlencode($search))->assertOk();
});

it('is found by its name and by what the camera calls things, with nobody’s name but a chosen one', function (): void {
    ($this->put)(['by' => ' Wren '])->assertCreated();
    $other = $this->person();
    foreach (['kestrel', 'patch 9', 'ZONAL'] as $search) {
        expect(($this->found)($other, $search)->json('items.0'))->toMatchArray(['name' => 'Kestrel 9', 'by' => 'Wren', 'mine' => false, 'taken' => 0]);
    }
    foreach (['falcon', 'kestrel falcon', '%', '_'] as $search) {
        expect(($this->found)($other, $search)->json('total'))->toBe(0);
    }
    ($this->put)()->assertCreated();
    $listed = ($this->found)($other, 'kestrel');
    expect($listed->json('total'))->toBe(1)->and($listed->json('items.0.by'))->toBe('')
        ->and($listed->getContent())->not->toContain($this->owner->name)->not->toContain($this->owner->email);
});

it('is copied as it was put up, without how its owner uses it', function (): void {
    $document = $this->body->document;
    $this->body->fill(['document' => [...$document, 'stored_sets' => [['control' => 'thumb-1', 'area' => 'point']], 'frames_per_s' => 12.0]])->save();
    $id = ($this->put)()->assertCreated()->json('id');
    // What is changed later is not there until it is put up anew.
    $this->body->fill(['document' => [...$this->body->document, 'frames_per_s' => 40.0]])->save();
    $other = $this->person();
    $taken = $this->actingAs($other)->postJson("/api/shelf/$id/take")->assertCreated();
    expect($taken->json('document.frames_per_s'))->toEqual(12)->and($taken->json('document.stored_sets'))->toBe([])
        ->and($taken->json('document.words'))->toEqual(['area.block' => ['label' => 'Zonal patch', 'where' => 'AF 2']])
        ->and($other->kit()->count())->toBe(1)
        ->and(($this->found)($other, '')->json('items.0.taken'))->toBe(1);
    // One's own copy does not count.
    $this->actingAs($this->owner)->postJson("/api/shelf/$id/take")->assertCreated();
    ($this->put)()->assertCreated();
    expect(($this->found)($other, '')->json('items.0.taken'))->toBe(1)->and(ShelfItem::query()->count())->toBe(1);
    $this->actingAs($other)->postJson("/api/shelf/$id/take");
    expect($other->kit()->orderByDesc('id')->firstOrFail()->document['frames_per_s'])->toEqual(40);
});

it('is taken down by its owner alone, and copies stay', function (): void {
    $id = ($this->put)()->json('id');
    $other = $this->person();
    $this->actingAs($other)->deleteJson("/api/shelf/$id")->assertNotFound();
    $this->postJson("/api/shelf/$id/take")->assertCreated();
    $this->actingAs($this->owner)->deleteJson("/api/shelf/$id")->assertNoContent();
    $this->actingAs($other)->postJson("/api/shelf/$id/take")->assertNotFound();
    expect($other->kit()->count())->toBe(1)->and(($this->found)($other, '')->json('total'))->toBe(0);
});

it('is hidden once three people find something wrong with it, until somebody has looked', function (): void {
    $id = ($this->put)()->json('id');
    $report = fn ($person, string $reason = 'Not a camera') => $this->actingAs($person)->postJson("/api/shelf/$id/report", ['reason' => $reason]);
    $report($this->owner)->assertStatus(422);
    [$one, $two, $three] = [$this->person(), $this->person(), $this->person()];
    $report($one, '')->assertStatus(422);
    $report($one)->assertNoContent();
    $report($one, 'Once more')->assertNoContent();
    $report($two)->assertNoContent();
    expect(($this->found)($three, '')->json('total'))->toBe(1);
    $report($three)->assertNoContent();
    expect(($this->found)($three, '')->json('total'))->toBe(0)
        ->and(($this->found)($this->owner, '')->json('items.0.hidden'))->toBeTrue();
    $this->actingAs($two)->postJson("/api/shelf/$id/take")->assertNotFound();
    $this->artisan('shelf:reports')->expectsOutputToContain('Once more')->assertSuccessful();
    $this->artisan('shelf:reports', ['--keep' => [$id]])->expectsOutputToContain('Nothing is reported.')->assertSuccessful();
    expect(($this->found)($three, '')->json('total'))->toBe(1);
    $this->artisan('shelf:reports', ['--remove' => ['nothing']])->assertFailed();
    $this->artisan('shelf:reports', ['--remove' => [$id]])->assertSuccessful();
    expect(ShelfItem::query()->count())->toBe(0);
});

it('takes only what is one’s own, and so much of it', function (): void {
    config(['limits.shelf' => 1]);
    $other = $this->person();
    $this->actingAs($other)->postJson('/api/shelf', ['type' => 'bodies', 'id' => $this->body->id])->assertNotFound();
    $this->postJson('/api/shelf', ['type' => 'bodies', 'id' => 'sample-fast-mirrorless'])->assertNotFound();
    $this->postJson('/api/shelf', ['type' => 'shoes', 'id' => 'x'])->assertStatus(422);
    ($this->put)()->assertCreated();
    // The same once more takes no more room; another does.
    ($this->put)()->assertCreated();
    $second = KitItem::factory()->of(KitType::Lenses)->for($this->owner)->create();
    $this->postJson('/api/shelf', ['type' => 'lenses', 'id' => $second->id])->assertStatus(422)->assertJsonPath('errors.id.0', 'You have put up 1 things already. Take one down first.');
    $this->owner->delete();
    expect(ShelfItem::query()->count())->toBe(0);
});

it('can be looked at and copied from in the demo, not filled', function (): void {
    $id = ($this->put)()->json('id');
    $visitor = $this->person();
    $visitor->forceFill(['is_demo' => true])->save();
    $this->actingAs($visitor)->postJson("/api/shelf/$id/take")->assertCreated();
    $own = $visitor->kit()->firstOrFail();
    $this->postJson('/api/shelf', ['type' => 'bodies', 'id' => $own->id])->assertForbidden();
    $this->postJson("/api/shelf/$id/report", ['reason' => 'x'])->assertForbidden();
});
