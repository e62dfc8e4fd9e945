<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Models\KitItem;
use App\Models\KitType;
use App\Models\SavedRush;
use Illuminate\Support\Facades\DB;
use RushHold\Tests\Rushes;

it('puts what was kept in former words into ours', function (): void {
    $person = $this->person();
    $body = [...KitType::Bodies->filled(KitType::Bodies->samples()['sample-fast-mirrorless']), 'name' => 'From before'];
    unset($body['patience_steps'], $body['nimble_steps']);
    $body['areas'] = [
        'point' => $body['areas']['point'],
        'point-8' => $body['areas']['ring-small'],
        'zone' => $body['areas']['block'],
    ];
    $body['presets'] = [['id' => 'grab', 'role' => 'grab', 'stay' => 0, 'speed_change' => 1, 'priority' => 'first']];
    $body['stored_sets'] = [
        [
            'control' => 'thumb-1',
            'mode' => null,
            'area' => 'zone',
            'detect' => null,
            'preset' => 'grab',
            'recalls_exposure' => false,
        ],
    ];
    $body['words'] = [
        'area.zone' => ['label' => 'Field', 'where' => ''],
        'setting.focus.stay' => ['label' => 'Stickiness', 'where' => ''],
        'preset.grab' => ['label' => 'Manner 3', 'where' => ''],
    ];
    $id = strtolower((string) Illuminate\Support\Str::ulid());
    $standing = ['focus' => ['area' => 'zone', 'stay' => 4, 'speed_change' => 0, 'priority' => 'centre']];
    DB::table('kit')->insert([
        'id' => $id,
        'user_id' => $person->id,
        'type' => 'bodies',
        'name' => 'From before',
        'document' => json_encode($body),
        'standing' => json_encode($standing),
        'created_at' => now(),
        'updated_at' => now(),
    ]);
    $rush = $person->rushes()->create(['document' => Rushes::document()]);
    DB::table('rushes')
        ->where('id', $rush->id)
        ->update([
            'document' => json_encode([...$rush->document, 'kit' => ['body' => $body]]),
            'pins' => json_encode(['focus' => ['area' => 'point-8', 'stay' => 3]]),
        ]);

    $migration = require base_path('database/migrations/2026_11_25_100000_words_of_our_own.php');
    $migration->up();

    $kept = KitItem::query()->findOrFail($id);
    $read = app(DocumentGate::class)->kit(KitType::Bodies, $kept->document)['fields'];
    expect(array_keys($read['areas']))
        ->toBe(['point', 'ring-small', 'block'])
        ->and($read['presets'])
        ->toEqual([['id' => 'grab', 'patience_s' => 0.02, 'nimble' => 0.5, 'wins' => 'held']])
        ->and($read['stored_sets'][0]['area'])
        ->toBe('block')
        ->and(array_keys($read['words']))
        ->toBe(['area.block', 'setting.focus.patience_s', 'preset.grab'])
        ->and($kept->standing)
        ->toEqual(['focus' => ['area' => 'block', 'patience_s' => 1.2, 'nimble' => 0.0, 'wins' => 'middle']]);
    $saved = SavedRush::query()->findOrFail($rush->id);
    $gate = app(DocumentGate::class);
    $gate->pins($saved->pins, $gate->rush($saved->document)->rush->kit);
    expect($saved->pins)->toEqual(['focus' => ['area' => 'ring-small', 'patience_s' => 0.6]]);
});

it('points rushes that knew their kit by name at it', function (): void {
    $person = $this->person();
    $body = [
        ...KitType::Bodies->filled(KitType::Bodies->samples()['sample-fast-mirrorless']),
        'name' => 'Known by name',
    ];
    $item = $person->kit()->create(['type' => KitType::Bodies, 'name' => 'Known by name', 'document' => $body]);
    KitItem::factory()
        ->of(KitType::Lenses, ['name' => 'Somebody else’s'])
        ->create();
    $rush = $person
        ->rushes()
        ->create([
            'document' => [
                ...Rushes::document(),
                'kit' => ['body' => $body, 'lens' => ['name' => 'Somebody else’s', 'focal_mm' => 500.0]],
            ],
        ]);

    $migration = require base_path('database/migrations/2026_11_25_200000_rushes_point_at_kit.php');
    $migration->up();

    $kit = SavedRush::query()->findOrFail($rush->id)->document['kit'];
    expect($kit['body_id'])
        ->toBe($item->id)
        ->and($kit['lens_id'])
        ->toBeNull()
        ->and($kit['lens']['focal_mm'])
        ->toEqual(500.0);
});
