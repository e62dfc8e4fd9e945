<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\KitType;
use App\Models\User;
use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;
use RushHold\Labelled;
use RushHold\Words\Words;

/** What a person's cameras call areas and focus modes, by what a file says: the same word means the same thing here. */
final readonly class OwnWords
{
    /** @param  array<string, string>  $ours  our words, by what a camera says in small letters */
    private function __construct(private array $ours)
    {
    }

    public static function of(User $person): self
    {
        $ours = [];
        $known = [];
        foreach (['area' => Area::cases(), 'mode' => FocusMode::cases()] as $kind => $cases) {
            foreach ($cases as $case) {
                $known["$kind.$case->value"] = $case;
            }
        }
        foreach ($person->kit()->where('type', KitType::Bodies)->limit(50)->get() as $body) {
            foreach ((array) ($body->document['words'] ?? []) as $key => $word) {
                $label =
                    is_array($word) && is_string($word['label'] ?? null) ? mb_strtolower(trim($word['label'])) : '';
                $case = $known[$key] ?? null;
                if ($label !== '' && $case instanceof Labelled) {
                    $ours[$label] = Words::label($case);
                }
            }
        }

        return new self($ours);
    }

    /** What the file says, with our word beside it where the person gave theirs. */
    public function beside(string $said): string
    {
        $ours = $this->ours[mb_strtolower(trim($said))] ?? null;

        return $ours === null ? $said : "$said ($ours)";
    }
}
