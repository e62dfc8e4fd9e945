<?php

declare(strict_types=1);

arch('the core knows nobody')->expect('RushHold')->not->toUse(['Illuminate', 'App', 'Database', 'Laravel', 'Symfony', 'Carbon']);

arch('the core has no input, output, clock or chance of its own')->expect('RushHold')
    ->not->toUse(['time', 'microtime', 'hrtime', 'date', 'rand', 'random_int', 'file_get_contents', 'file_put_contents', 'fopen', 'curl_init', 'getenv', 'echo', 'print', 'PDO'])
    ->ignoring('RushHold\Tests');

arch('the core is strict')->expect('RushHold')->toUseStrictTypes();

arch('nothing is left behind')->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])->not->toBeUsed();
