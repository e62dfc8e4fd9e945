<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Fuzz\Maker;

it('ends every command with an answer or with a refusal', function (): void {
    [$first, $count] = [(int) (getenv('FUZZ_SEED') ?: 1), max(25, intdiv((int) (getenv('FUZZ_DOCUMENTS') ?: 300), 40))];
    $folder = sys_get_temp_dir().'/fuzz-'.bin2hex(random_bytes(6));
    mkdir($folder);
    try {
        for ($seed = $first; $seed < $first + $count; $seed++) {
            $maker = new Maker($seed * 8 + 6);
            file_put_contents(
                "$folder/rush.json",
                $maker->lucky(0.9)
                    ? json_encode($maker->rush(), JSON_PARTIAL_OUTPUT_ON_ERROR)
                    : $maker->one(['', '{', '[]', 'null', '{"format":1e999}']),
            );
            file_put_contents(
                "$folder/hold.json",
                json_encode($maker->lucky(0.9) ? $maker->hold() : $maker->nonsense(), JSON_PARTIAL_OUTPUT_ON_ERROR),
            );
            $output = new BufferedOutput();
            $runs = $maker->one(['1', '20', '0', '-1', 'x', '1e3']);
            $code = $maker->lucky(0.5)
                ? Artisan::call(
                    'rush:try',
                    [
                        'rush' => "$folder/rush.json",
                        'hold' => "$folder/hold.json",
                        '--runs' => $runs,
                        '--seed' => $maker->one(['1', '0', '9223372036854775807', 'x']),
                    ],
                    $output,
                )
                : Artisan::call(
                    'rush:plan',
                    [
                        'rush' => "$folder/rush.json",
                        '--runs' => $runs,
                        '--pins' => $maker->one([null, "$folder/hold.json", "$folder/none.json"]),
                        '--standing' => $maker->one([null, "$folder/hold.json"]),
                        '--units' => $maker->one(['metric', 'imperial', 'x']),
                    ],
                    $output,
                );
            $said = $output->fetch();
            expect($code)
                ->toBeIn([0, 2, 3], "seed $seed: $said")
                ->and(strlen($said))
                ->toBeLessThan(1_500_000);
            $code === 0 && expect(json_decode($said, true))->toBeArray("seed $seed");
        }
    } finally {
        array_map(unlink(...), (array) glob("$folder/*"));
        rmdir($folder);
    }
});
