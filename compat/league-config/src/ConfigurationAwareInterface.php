<?php

declare(strict_types=1);

namespace League\Config;

interface ConfigurationAwareInterface
{
    public function setConfiguration(ConfigurationInterface $configuration): void;
}
