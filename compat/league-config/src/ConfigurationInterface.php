<?php

declare(strict_types=1);

namespace League\Config;

interface ConfigurationInterface
{
    /** @throws Exception\ConfigurationExceptionInterface when the key is not there */
    public function get(string $key): mixed;

    public function exists(string $key): bool;
}
