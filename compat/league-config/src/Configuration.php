<?php

declare(strict_types=1);

namespace League\Config;

use Dflydev\DotAccessData\Data;
use League\Config\Exception\InvalidConfigurationException;
use League\Config\Exception\UnknownOptionException;
use Nette\Schema\Expect;
use Nette\Schema\Processor;
use Nette\Schema\Schema;
use Nette\Schema\ValidationException;

/** Settings by path ("a/b" or "a.b"), checked against nested schemas when first read. */
final class Configuration implements ConfigurationBuilderInterface, ConfigurationInterface
{
    private Data $given;

    private ?Data $checked = null;

    /** @param  array<string, Schema>  $schemas */
    public function __construct(private array $schemas = [])
    {
        $this->given = new Data;
    }

    public function addSchema(string $key, Schema $schema): void
    {
        $this->schemas[$key] = $schema;
        $this->checked = null;
    }

    public function merge(array $config = []): void
    {
        $this->given->import($config, Data::REPLACE);
        $this->checked = null;
    }

    public function set(string $key, mixed $value): void
    {
        $this->given->set($key, $value);
        $this->checked = null;
    }

    public function get(string $key): mixed
    {
        if (! $this->exists($key)) {
            throw new UnknownOptionException(sprintf('"%s" is not a known option', $key));
        }

        return $this->checked()->get($key);
    }

    public function exists(string $key): bool
    {
        return $this->checked()->has($key);
    }

    public function reader(): ConfigurationInterface
    {
        return $this;
    }

    private function checked(): Data
    {
        if ($this->checked !== null) {
            return $this->checked;
        }

        try {
            /** @var array<string, mixed> $values */
            $values = (new Processor)->process(
                Expect::structure($this->schemas)->castTo('array'),
                $this->given->export(),
            );
        } catch (ValidationException $wrong) {
            throw new InvalidConfigurationException($wrong->getMessage(), 0, $wrong);
        }

        return $this->checked = new Data(self::asArrays($values));
    }

    /**
     * Structures inside structures come back as objects; paths need arrays.
     *
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function asArrays(array $values): array
    {
        return array_map(static fn (mixed $value): mixed => match (true) {
            $value instanceof \stdClass => self::asArrays((array) $value),
            is_array($value) => self::asArrays($value),
            default => $value,
        }, $values);
    }
}
