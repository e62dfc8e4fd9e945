<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Record\Estimate;
use RushHold\Record\Learning;
use RushHold\Record\Skill;
use RushHold\Record\SkillRates;
use RushHold\Rush\Rush;

/** What a log has taught, as JSON. */
final class LearningDocument
{
    /** @return array<string, mixed> */
    public static function write(Learning $learning): array
    {
        $kits = [];
        foreach ($learning->kits() as $kit) {
            // In points where the model keeps every other frame.
            $shift = $learning->shift($kit);
            $half = static fn (float $odds): float => round(1 / (1 + exp(-$odds)) - 0.5, 4);
            $kits[$kit] = [
                'log_odds' => self::written($shift),
                'at_half' => [
                    'mean' => $half($shift->mean),
                    'low' => $half($shift->low),
                    'high' => $half($shift->high),
                ],
            ];
        }
        $skills = [];
        foreach (Skill::cases() as $skill) {
            $skills[$skill->value] = self::written($learning->skill($skill));
        }

        return [
            'skills' => $skills,
            'kit' => (object) $kits,
            'log_share' => round($learning->logShare(), 4),
            'frames_worth' => round($learning->counts, 1),
            'outliers' => array_map(
                strval(...),
                array_keys(array_filter($learning->wrong, static fn (float $p): bool => $p >= Learning::OUTLIER)),
            ),
            'prediction' => null,
        ];
    }

    /** @return array{model: float, learned: float, low: float, high: float} */
    public static function prediction(
        Learning $learning,
        SkillRates $rates,
        Rush $rush,
        string $kit,
        string $case = '',
    ): array {
        $person = $rush->photographer;
        $learned = $learning->rate($rates, $kit, $case);

        return [
            'model' => round($rates->at($person->aim, $person->panning, $person->handFocus), 4),
            'learned' => round($learned->mean, 4),
            'low' => round($learned->low, 4),
            'high' => round($learned->high, 4),
        ];
    }

    /** @return array{mean: float, low: float, high: float} */
    private static function written(Estimate $estimate): array
    {
        return [
            'mean' => round($estimate->mean, 4),
            'low' => round($estimate->low, 4),
            'high' => round($estimate->high, 4),
        ];
    }
}
