<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Documents\DocumentGate;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo: a sea-cliff reserve in early June, and a cyclo-cross race the autumn before. All made up. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'demo@rush-hold.example';

    /** In the order of the two days; the list shows the newest first. */
    private const RUSHES = ['barriers', 'muddy-hairpin', 'sprint-finish', 'pipit-in-the-gorse', 'hare-through-the-campion',
        'tern-plunging', 'tern-hovering', 'puffin-behind-the-thrift', 'gannet-along-the-edge', 'puffin-coming-in'];

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function run(): void
    {
        DB::transaction(function (): void {
            User::query()->where('is_demo', true)->delete();
            $demo = User::query()->create([
                'name' => 'Demo',
                'email' => self::EMAIL,
                // Nobody signs in to the demo with a password; the sign-in page has a button.
                'password' => Str::random(40),
                'is_demo' => true,
            ]);
            $at = now()->subMinutes(count(self::RUSHES));
            foreach (self::RUSHES as $name) {
                $json = (string) file_get_contents(base_path("formats/examples/$name.json"));
                $rush = $demo->rushes()->make(['document' => $this->gate->rush(DocumentGate::decode($json))->fields]);
                $rush->forceFill(['created_at' => $at, 'updated_at' => $at])->save(['timestamps' => false]);
                $at = $at->addMinute();
            }
        });
    }
}
