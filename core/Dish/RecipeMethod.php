<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** A recipe's method in order: where each of its sentences belongs, by its words and by what came before. */
final class RecipeMethod
{
    private const SERVE = '/^(?:then )?(?:serve|garnish|fluff|turn (?:it )?out|plate|invert)|\bto serve\b/iu';

    private const REST = '/^(?:then )?rest\b|\b(?:let|leave|and|to)\b(?: \w+){0,2} (?:rest|stand)\b'
        .'|\brests? (?:for )?\d|\d ?(?:m|mins?|minutes?) rest\b|\bleave (?:it )?(?:on warm|off)'
        .'|\bbefore (?:you )?open/iu';

    private const MARINADE = '/\bmarinat|^(?:leave|stand)\b.*\b(?:\d+ ?(?:hours?|hrs?|h)|overnight)\b'
        .'|\brub\b.*\b(?:hours?|overnight|fridge)|\b(?:leave|keep|chill)\b.*\bfridge/iu';

    private const LAYERS = '/\blayer|^(?:now |then )?(?:spread|sprinkle|scatter|drizzle|dot)\b|\bon top\b'
        .'|\bat (?:the )?bottom|\b(?:poke|make) (?:some )?holes|\bmound\b|^(?:seal|wrap)\b'
        .'|^pour (?:the )?(?:saffron|kesar|milk)|\btah ?d[ie]g|\bbase of the pot|\bin the pot,? then\b|^top with\b'
        .'|\bfold in\b.*\brice\b|\bover the rice\b|\boil the pot\b|\bin the pot, line\b|\breturn the rice\b'
        .'|^pot\s*:|\brice back\b|\brest of the rice\b|^mix (?:it )?with (?:the )?(?:dill|herbs)/iu';

    private const SEALED = '/\b(?:dum|seal|steam|lid (?:on|wrapped)|cover(?:ed)?(?: tightly)?)\b|\blow(?:est)?\b'
        .'|\bswitch|press cook/iu';

    private const TOPPING = '/\b(?:soak|bloom|dissolve|steep|grind|crush)\b.*\b(?:saffron|kesar)\b'
        .'|\bfor the top\b|\b(?:keep|set|put|take)\b(?: \w+){0,2} (?:aside|out)\b'
        .'|^(?:fry|toast|turn|warm) (?:the )?(?:nuts|almonds|cashews?|pistachios?|walnuts|raisins|barberries'
        .'|currants)/iu';

    private const RICE = '/\b(?:rice|basmati|sella|chawal|berenj)\b/iu';

    private const SOAK = '/^(?!drain)(?:.*\b)?(?:soak|wash|rinse|bhigo)/iu';

    private const WATER = '/\b(?:pan|pot) of (?:salted |boiling )?water\b|\bsalted water to (?:the|a) boil/iu';

    private const IN_WATER = '/\b(?:par-?boil|boil|ubal|cook|drain|strain'
        .'|in(?:to)? (?:the )?(?:salted |boiling |plenty))/iu';

    /** Goes on with what a sentence said of the rice. */
    private const GOES_ON = '/^(?:then |and )?(?:boil|par-?boil|drain|strain|cook it|it)\b/iu';

    /** Rice that goes in with its water is cooked where the filling is: its sealed heat begins. */
    private const RICE_IN = '/\b(?:add|put|tip|stir|place)\b[^.]*\brice\b|^rice in\s*[,.]|\beverything in\b/iu';

    private bool $isSealed = false;

    private bool $isRice = false;

    private function __construct()
    {
    }

    /**
     * @param  list<RecipeStep>  $steps
     * @return list<StepGoes> one a step
     */
    public static function places(array $steps): array
    {
        $method = new self;

        return array_map($method->place(...), $steps);
    }

    private function place(RecipeStep $step): StepGoes
    {
        $text = $step->words();
        $namesRice = preg_match(self::RICE, $text) === 1;
        $goes = match (true) {
            preg_match(self::SERVE, $text) === 1 => StepGoes::Serve,
            preg_match(self::REST, $text) === 1 && ! $this->isAboutRice($text) => StepGoes::Rest,
            preg_match(self::MARINADE, $text) === 1 => StepGoes::Marinade,
            $this->isHeat($step) => StepGoes::Heat,
            preg_match(self::TOPPING, $text) === 1 => StepGoes::Topping,
            preg_match(self::SOAK, $text) === 1 && ($namesRice || $this->isRice) => StepGoes::Soak,
            preg_match(self::WATER, $text) === 1, $this->isAboutRice($text) && preg_match(self::IN_WATER, $text) === 1
                && preg_match(self::RICE_IN, $text) !== 1 => StepGoes::Boil,
            preg_match(self::LAYERS, $text) === 1, preg_match(self::RICE_IN, $text) === 1 => StepGoes::Layers,
            default => StepGoes::Filling,
        };
        $this->isRice = match ($goes) {
            StepGoes::Soak, StepGoes::Boil => true,
            default => false,
        };
        $this->isSealed = $this->isSealed || in_array($goes, [StepGoes::Layers, StepGoes::Heat], true);

        return $goes;
    }

    /** Whether it is of the rice: it names it, or goes on from a sentence that did and names nothing else. */
    private function isAboutRice(string $text): bool
    {
        return preg_match(self::RICE, $text) === 1
            || ($this->isRice && preg_match(self::GOES_ON, $text) === 1);
    }

    /** Whether the closed pot stands on the heat: sealed and for how long, or a heat that goes on from such a one. */
    private function isHeat(RecipeStep $step): bool
    {
        $isTold = $step->minutes !== null || $step->ring !== null;
        $closes = preg_match(self::SEALED, $step->words()) === 1;
        $buildsHere = preg_match(self::LAYERS, $step->words()) === 1 || preg_match(self::RICE_IN, $step->words()) === 1;

        return $isTold && (($this->isSealed && ! $this->startsAnew($step->words())) || ($closes && $buildsHere)
            || preg_match('/\bdum\b|press cook/iu', $step->words()) === 1);
    }

    /** Whether something else is fried beside the closed pot. */
    private function startsAnew(string $text): bool
    {
        return preg_match('/^(?:meanwhile,? )?(?:fry|saut|brown|toast|boil|simmer|soak|marinate)\b/iu', $text) === 1;
    }
}
