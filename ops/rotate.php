<?php

declare(strict_types=1);

/**
 * Keeps logs from growing for ever: php ops/rotate.php FOLDER. What is longer than so much is copied away, packed, and
 * begun anew in place, so that whoever writes it need not be told.
 */
const MOST_BYTES = 10_000_000;
const KEPT = 5;

$folder = $argv[1] ?? exit("usage: php ops/rotate.php FOLDER\n");
foreach (glob("$folder/*.log") ?: [] as $file) {
    if ((int) filesize($file) < (int) (getenv('LOG_MOST_BYTES') ?: MOST_BYTES)) {
        continue;
    }
    for ($i = KEPT; $i > 1; $i--) {
        is_file("$file.".($i - 1).'.gz') && rename("$file.".($i - 1).'.gz', "$file.$i.gz");
    }
    umask(0o077);
    $in = fopen($file, 'r+');
    $out = gzopen("$file.1.gz", 'wb6');
    if ($in === false || $out === false) {
        continue;
    }
    while (! feof($in)) {
        gzwrite($out, (string) fread($in, 1 << 20));
    }
    gzclose($out);
    ftruncate($in, 0);
    fclose($in);
}
