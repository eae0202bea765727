<?php

declare(strict_types=1);

// PHP 8.5 has this function; Symfony 7.4 calls it and its polyfill package is not to be had.
if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}
