<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebElement;

/** What a hand taps: where the page moved on under the finger it looks and taps again, as a hand does. */
final class Hand extends RemoteWebElement
{
    private const TRIES = 25;

    /** @var (Closure(): ?string)|null */
    private ?Closure $lookAgain = null;

    /** @param  Closure(): ?string  $look the id of what stands there now, null while nothing does */
    public function at(Closure $look): self
    {
        $this->lookAgain = $look;

        return $this;
    }

    public function click(): static
    {
        $this->again(fn () => parent::click());

        return $this;
    }

    /**
     * @param  mixed  $value
     */
    public function sendKeys($value): static
    {
        $this->again(fn () => parent::sendKeys($value));

        return $this;
    }

    /**
     * @param  string  $attribute_name
     * @return string|true|null
     */
    public function getAttribute($attribute_name): string|bool|null
    {
        return $this->again(fn (): string|bool|null => parent::getAttribute($attribute_name));
    }

    public function getText(): string
    {
        return $this->again(fn (): string => parent::getText());
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $act
     * @return T
     */
    private function again(Closure $act): mixed
    {
        for ($try = 1; $try < self::TRIES; $try++) {
            try {
                return $act();
            } catch (ElementClickInterceptedException|ElementNotInteractableException) {
                usleep(200_000);
            } catch (StaleElementReferenceException $gone) {
                usleep(200_000);
                $this->id = ($this->lookAgain ?? throw $gone)() ?? $this->id;
            }
        }

        return $act();
    }
}
