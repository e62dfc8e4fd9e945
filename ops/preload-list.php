<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

/**
 * Prints the classes that usual requests use, a line each: what php-fpm loads once for all requests (ops/preload.php).
 */
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->handle(Request::create('/api/session'));
// Past the door, as somebody who has kept nothing: nobody is signed in here.
$app->instance('middleware.disable', true);
$app->make('auth')->guard()->setUser(new User());
$rush = json_decode((string) file_get_contents(__DIR__.'/../formats/examples/puffin-coming-in.json'), true);
$response = $kernel->handle(
    Request::create(
        '/api/plan',
        'POST',
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        (string) json_encode(['rush' => $rush]),
    ),
);
$response->getStatusCode() === 200 || exit(1);
$root = dirname(__DIR__);
// Only what serves requests; tools for the console are left out.
foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $class) {
    $file = (new ReflectionClass($class))->getFileName();
    $ours =
        $file !== false &&
        preg_match(
            '~^(app|core|vendor/(laravel|symfony|nesbot|monolog|psr|opis|league))/~',
            ltrim(substr($file, strlen($root)), '/'),
        ) === 1;
    if ($ours && ! str_contains($class, '@anonymous')) {
        echo $class, "\n";
    }
}
