<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Kit\FocusRing;
use RushHold\Kit\MechanicalShutter;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Refused;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;

/*
 * The samples as they are understood, and what is asked of bodies and lenses.
 */

it('understands the samples the same', function (): void {
    $answers = [];
    foreach (Bodies::all() as $id => $document) {
        $body = BodyDocument::read($document)->body;
        $answers["body $id"] = $body;
        $answers["presets of $id"] = array_map(static fn (array $at): ?string => $body->presetOf(...$at)?->id, [
            [0.3, 0.5],
            [1.2, 0.0],
            [0.12, 1.0],
            [0.13, 1.0],
            [5.0, 0.2],
        ]);
    }
    foreach (Lenses::all() as $id => $document) {
        $lens = LensDocument::read($document)->lens;
        $answers["lens $id"] = $lens;
        [$from, $to] =
            $lens->zoom === null ? [$lens->focalMm, $lens->focalMm] : [$lens->zoom->fromMm(), $lens->zoom->toMm()];
        $answers["lens $id at others"] = array_map(
            static fn (float $mm): array => [
                $lens->at($mm)->focalMm,
                $lens->at($mm)->maxAperture,
                $lens->at($mm)->minAperture,
            ],
            [$from, $from + 0.3 * ($to - $from), $to],
        );
    }
    Answers::same('samples-of-kit', $answers);
});

it('takes the same openings and sets', function (): void {
    $kit = Rushes::with()->kit;
    $answers = ['ring' => new FocusRing(), 'shutter' => new MechanicalShutter(10.0)];
    $takes = static function (Closure $what): string {
        try {
            $said = $what();

            return is_scalar($said) ? (string) $said : 'taken';
        } catch (Refused $refused) {
            return "refused: $refused->field";
        }
    };
    foreach ([1.0, 3.9, 3.93, 4.0, 5.6, 22.0, 22.4, 22.5, 32.9, 40.0, INF] as $f) {
        $answers["f/$f"] = $takes(static fn (): float => $kit->checkAperture('f', $f));
    }
    foreach ([[29.9, true], [30.0, false], [720.0, true], [721.0, true]] as [$deg, $nearer]) {
        $answers["a ring of $deg"] = $takes(static fn (): FocusRing => new FocusRing($deg, $nearer));
    }
    foreach ([0.4, 0.5, 60.0, 61.0] as $rate) {
        $answers["$rate frames/s"] = $takes(static fn (): MechanicalShutter => new MechanicalShutter($rate));
    }
    foreach (
        ['mode' => 'manual', 'area' => 'speck', 'detect' => 'vehicle', 'preset' => 'nobody', 'control' => 'lens'] as $field => $value
    ) {
        $set = [
            'control' => 'thumb-2',
            'mode' => 'continuous',
            'area' => 'point',
            'detect' => 'bird',
            $field => $value,
        ];
        $answers["a set with $field $value"] = $takes(
            static fn (): BodyDocument => BodyDocument::read([
                ...Bodies::all()['fast-mirrorless'],
                'stored_sets' => [$set],
            ]),
        );
        $answers['the same on the old body'] ??= $takes(
            static fn (): BodyDocument => BodyDocument::read([...Bodies::all()['old-mirror'], 'stored_sets' => [$set]]),
        );
    }
    $answers['a zoom of a rush'] = RushDocument::read(
        Rushes::document(['kit.lens' => [...array_values(Lenses::all())[1], 'focal_mm' => 200.0]]),
    )->rush->kit->lens;
    Answers::same('kit', $answers);
});
