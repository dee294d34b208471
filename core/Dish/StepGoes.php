<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What becomes of a sentence of a recipe's method. */
enum StepGoes: string
{
    /** The rice soaks so long. */
    case Soak = 'soak';
    /** The rice is boiled so long: told beside what is forecast. */
    case Boil = 'boil';
    case Marinade = 'marinade';
    /** A step of the filling's work. */
    case Filling = 'filling';
    /** A topping made beside: fried onion, saffron, what is turned in butter. */
    case Topping = 'topping';
    /** Base, layers and what is scattered between: as the pot is built here. */
    case Layers = 'layers';
    /** The sealed heat: told beside what is found. */
    case Heat = 'heat';
    case Rest = 'rest';
    case Serve = 'serve';
    /** Left out by the cook. */
    case Nowhere = 'nowhere';
}
