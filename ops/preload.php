<?php

declare(strict_types=1);

/** Run by php-fpm once, before it takes requests: the classes in the list beside its configuration stay loaded. */
(static function (): void {
    $root = dirname(__DIR__);
    $list = getenv('RUN_DIR').'/preload.txt';
    if (! is_file($list)) {
        return;
    }
    // Composer's own loader also runs files of functions, which each request runs again.
    require $root.'/vendor/composer/ClassLoader.php';
    $loader = new Composer\Autoload\ClassLoader();
    $loader->addClassMap(require $root.'/vendor/composer/autoload_classmap.php');
    // What was added since the map was made.
    $loader->setPsr4('RushHold\\', [$root.'/core/src']);
    $loader->setPsr4('App\\', [$root.'/app']);
    $loader->register();
    foreach (file($list, FILE_IGNORE_NEW_LINES) ?: [] as $class) {
        class_exists($class) || interface_exists($class) || trait_exists($class);
    }
    $loader->unregister();
})();
