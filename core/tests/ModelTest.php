<?php

declare(strict_types=1);

use RushHold\Document\RankingDocument;
use RushHold\Model;
use RushHold\Planning\Planner;
use RushHold\Tests\Rushes;

/*
 * Kept answers are found again by the version of the model. Whoever changes what the model says has to change the
 * version with it; this notices when somebody forgets, and prints what belongs here instead.
 */
it('has another version when it gives other answers', function (): void {
    $rushes = [[], ['scene.background_texture' => 0.8, 'scene.front_clutter' => 0.4], ['path.heading_deg' => 90.0, 'path.start_m' => 25.0, 'subject.erratic' => 0.5], ['kit.body.mirror' => true, 'light.ev100' => 6.0]];
    $said = array_map(static function (array $changes): array {
        $plan = RankingDocument::write(Planner::standard()->rank(Rushes::with($changes)));
        $numbers = [];
        // Rounded, as processors differ in the last bits.
        array_walk_recursive($plan, static function (mixed $value) use (&$numbers): void {
            $numbers[] = is_float($value) ? sprintf('%.4g', $value) : $value;
        });

        return $numbers;
    }, $rushes);
    expect([Model::VERSION, substr(hash('sha256', serialize($said)), 0, 12)])->toBe(['2026-11-25.3', 'ddf6665c50eb']);
});
