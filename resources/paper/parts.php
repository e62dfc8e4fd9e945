<?php

declare(strict_types=1);

/**
 * What every paper has: our own letters.
 *
 * @var string $fonts  where they lie
 */
$fonts = __DIR__.'/fonts';
foreach (['Card' => 'card', 'CardExt' => 'card-ext'] as $family => $file) {
    foreach ([400 => 'normal', 700 => 'bold'] as $weight => $name) {
        echo "@font-face { font-family: '$family'; font-weight: $name; src: url('$fonts/$file-$weight.ttf') format('truetype'); }\n";
    }
}
