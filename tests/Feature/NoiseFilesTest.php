<?php

declare(strict_types=1);

use App\Simulation\NoiseFiles;

it('keeps lists exactly, makes each once, and stops when there are many', function (): void {
    $folder = sys_get_temp_dir().'/noise-'.getmypid().'-'.mt_rand();
    $files = new NoiseFiles($folder);
    $made = 0;
    $list = [0.1, -1 / 3, 1e-300, M_PI];
    $make = function () use (&$made, $list): array {
        $made++;

        return $list;
    };
    expect($files->get('white 1', $make))->toBe($list)->and($files->get('white 1', $make))->toBe($list)->and($made)->toBe(1)
        ->and((new NoiseFiles($folder))->get('white 1', $make))->toBe($list)->and($made)->toBe(1);
    for ($i = 2; $i < 70; $i++) {
        expect($files->get("white $i", $make))->toBe($list);
    }
    expect(count(glob("$folder/*")))->toBe(60);
    array_map(unlink(...), glob("$folder/*"));
    rmdir($folder);
});
