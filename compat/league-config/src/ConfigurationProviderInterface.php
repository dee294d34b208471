<?php

declare(strict_types=1);

namespace League\Config;

interface ConfigurationProviderInterface
{
    public function getConfiguration(): ConfigurationInterface;
}
