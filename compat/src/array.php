<?php

declare(strict_types=1);

if (! function_exists('array_first')) {
    /** First value of an array, null when it is empty (as PHP 8.5 has it). */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (! function_exists('array_last')) {
    /** Last value of an array, null when it is empty (as PHP 8.5 has it). */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
