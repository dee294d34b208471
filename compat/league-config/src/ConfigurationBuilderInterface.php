<?php

declare(strict_types=1);

namespace League\Config;

interface ConfigurationBuilderInterface extends MutableConfigurationInterface, SchemaBuilderInterface
{
    public function reader(): ConfigurationInterface;
}
