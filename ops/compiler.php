<?php

declare(strict_types=1);

/**
 * The settings of PHP's compiler for processes that a script starts; they stand in one place, `ops/common.sh`.
 *
 * @return list<string> arguments of php
 */
function compiler_flags(): array
{
    $flags =
        getenv('JIT_FLAGS') ?:
        trim(
            (string) shell_exec(
                'bash -c '.escapeshellarg('source '.__DIR__.'/common.sh && printf %s "$JIT_FLAGS"'),
            ),
        );

    return ['-d', 'opcache.enable_cli=1', ...explode(' ', $flags)];
}
