<?php

declare(strict_types=1);

/* What the cases of the core's enums are called: by enum, form and value. */
return [
    'Attention' => [
        'label' => [
            'throughout' => 'in your hands',
            'start' => 'begun by hand, then by itself',
            'end' => 'by itself, looked at when it ends',
            'none' => 'by itself',
        ],
    ],
    'Acid' => [
        'label' => [
            'none' => 'no acid',
            'mild' => 'yogurt or a little lemon',
            'strong' => 'much lemon or vinegar',
        ],
    ],
    'Where' => [
        'label' => [
            'top' => 'top',
            'middle' => 'middle',
            'bottom' => 'bottom',
        ],
    ],
    'Matter' => [
        'label' => [
            'crust' => 'crust',
            'rice' => 'rice',
            'filling' => 'filling',
            'mixed' => 'mixed',
        ],
    ],
    'Aisle' => [
        'label' => [
            'rice' => 'Rice and pulses',
            'greens' => 'Vegetables, fruit, herbs',
            'meat' => 'Meat and fish',
            'dairy' => 'Dairy and eggs',
            'bakery' => 'Bread and flour',
            'spices' => 'Spices and salt',
            'fats' => 'Fat and oil',
            'nuts' => 'Nuts and dried fruit',
            'house' => 'Kitchen goods',
        ],
    ],
    'StepGoes' => [
        'label' => [
            'soak' => 'how long the rice soaks',
            'boil' => 'the boil, told beside ours',
            'marinade' => 'how long it marinates',
            'filling' => 'a step of the filling',
            'topping' => 'a topping made beside',
            'layers' => 'layers and lid, as the pot is built',
            'heat' => 'the sealed heat, told beside ours',
            'rest' => 'the rest, told beside ours',
            'serve' => 'serving',
            'nowhere' => 'leave it out',
        ],
    ],
    'Tasting' => [
        'label' => [
            'rice-water' => 'the water',
            'broth' => 'the broth',
            'gravy' => 'the gravy',
            'topping' => 'the topping',
        ],
    ],
    'TasteSaid' => [
        'label' => [
            'right' => 'right',
            'flat' => 'flat, wants salt',
            'salty' => 'too salty',
            'sour' => 'too sour',
            'dull' => 'dull, wants sour',
        ],
        'dish' => [
            'right' => 'right',
            'flat' => 'flat',
            'salty' => 'too salty',
        ],
    ],
    'Allergen' => [
        'label' => [
            'nuts' => 'nuts',
            'milk' => 'milk',
            'egg' => 'egg',
            'fish' => 'fish',
            'crustaceans' => 'crustaceans',
            'gluten' => 'gluten',
            'sesame' => 'sesame',
            'mustard' => 'mustard',
            'broad-beans' => 'broad beans (not for people with G6PD deficiency)',
        ],
    ],
    'Caution' => [
        'says' => [
            'long-soak' => 'Soaking past 4 h belongs in the fridge, at 4 °C or below.',
            'raw-poultry' => 'Raw poultry: do not wash it, pat it dry; board, hands and bowl apart.',
            'raw-fish' => 'Raw fish: cold till the pan, cooked the day it is bought; board, hands and knife apart; feel for bones.',
            'raw-meat' => 'Raw meat: marinate in the fridge; board, hands and bowl apart; used marinade only if boiled.',
            'core' => 'Only a thermometer shows a safe core: 74 °C poultry and reheated food, 71 °C minced meat, 63 °C whole cuts and fish. Local rules come first.',
            'hot-fat' => 'Hot fat: dry what goes in, never leave it; a lid on a fat fire, never water.',
            'hot-sugar' => 'Melted sugar burns worse than boiling water: dry pan, long spoon, no children near; hot water goes in at arm\'s length.',
            'cloth' => 'Tie the cloth\'s corners up over the lid, away from the flame.',
            'long-flame' => 'A live flame for two hours is never left alone; air the room.',
            'steam' => 'Open away from the face; turn out with dry gloves, and ask for a second pair of hands for a heavy pot.',
            'cooked-rice' => 'Eat hot (above 60 °C), or cool shallow and into the fridge within 2 h (1 h in a room above 32 °C); eat within 3 days, reheat once, to 74 °C throughout.',
            'dough-gluten' => 'A dough seal holds gluten: tell guests who must not have it.',
            'bread-gluten' => 'A bread base holds gluten: tell guests who must not have it.',
            'reheat' => 'Reheat leftovers once, to 74 °C throughout, within 3 days; a thermometer shows it.',
            'essence' => 'Colour, screw-pine and rose essence: keep to the dose on the label.',
            'small-children' => 'Whole spices and bones: take them out of small children\'s plates.',
            'broad-beans' => 'Broad beans can harm people with G6PD deficiency: ask before you cook them.',
            'pressure-cooker' => 'Pressure cooker: by the maker\'s instructions; let the pressure fall before opening.',
            'charcoal' => 'A coal under the lid gives off carbon monoxide: outdoors or under strong extraction, never with closed windows; ember in a metal cup.',
        ],
    ],
    'Complaint' => [
        'label' => [
            'top-hard' => 'top hard and dry',
            'bottom-wet' => 'bottom wet',
            'pale' => 'crust pale',
            'burning' => 'smells of burning',
            'leaking' => 'seal leaks',
            'tough' => 'meat not tender',
        ],
    ],
    'Knowing' => [
        'label' => [
            'planned' => 'as planned',
            'boil' => 'its water timed to the boil',
            'steam' => 'steam seen',
            'look' => 'one look at the crust',
            'again' => 'a second look where it tells',
        ],
    ],
    'CrustColour' => [
        'label' => [
            'pale' => 'pale',
            'straw' => 'straw',
            'golden' => 'golden',
            'amber' => 'amber',
            'dark' => 'dark',
            'burnt' => 'burnt',
        ],
    ],
    'Cup' => [
        'label' => [
            'metric' => 'metric cups',
            'us-legal' => 'US legal cups',
            'us-customary' => 'US cups',
            'imperial' => 'old imperial cups',
            'japan' => 'Japanese cups',
            'rice-cooker' => 'cooker cups',
        ],
    ],
    'Diet' => [
        'label' => [
            'all' => 'everything else',
            'vegetarian' => 'vegetarian',
            'vegan' => 'vegan',
        ],
    ],
    'Draining' => [
        'label' => [
            'heap' => 'left in a heap',
            'tray' => 'spread on a tray',
            'rinse' => 'rinsed cold',
            'standing' => 'left standing in its water, the flame off',
        ],
    ],
    'ExtraKind' => [
        'label' => [
            'saffron' => 'saffron',
            'fat' => 'fat',
            'herbs' => 'herbs',
            'nuts' => 'nuts',
            'fruit' => 'fruit',
            'other' => 'spice, or what else seasons',
            'essence' => 'essence, in drops',
            'onion' => 'fried onion',
        ],
        'keeps' => [
            'saffron' => 'a day in the fridge',
            'nuts' => '2 days, covered',
            'fruit' => '2 days, covered',
            'onion' => '3 days in a closed jar',
        ],
    ],
    'Fault' => [
        'label' => [
            'burns' => 'the base burns',
            'dark' => 'the crust is darker than wanted',
            'pale' => 'the crust is lighter than wanted',
            'thin-crust' => 'a crust that tears',
            'hard-heart' => 'rice with a hard heart',
            'unsteamed' => 'rice warmed, not steamed',
            'dry-rice' => 'dry rice',
            'wet-rice' => 'wet rice',
            'unsafe-core' => 'a filling short of its safe core',
            'tough' => 'a tough filling',
            'falls-apart' => 'pieces that fall apart',
        ],
    ],
    'Also' => [
        'label' => [
            'broke' => 'Grains broke',
            'stuck' => 'Stuck to the base',
        ],
    ],
    'FillingOutcome' => [
        'label' => [
            'dry' => 'dry',
            'tough' => 'tough',
            'right' => 'tender, moist',
            'soft' => 'falling apart',
            'wet' => 'too wet',
        ],
    ],
    'RingKind' => [
        'label' => [
            'gas' => 'gas',
            'coil' => 'electric coil',
            'ceramic' => 'ceramic',
            'induction' => 'induction',
            'camping' => 'camping gas',
        ],
    ],
    'PotMaterial' => [
        'label' => [
            'steel' => 'steel',
            'cast-iron' => 'cast iron',
            'aluminium' => 'aluminium',
            'coated' => 'coated',
            'enamel' => 'enamel',
            'copper' => 'copper',
            'clay' => 'clay',
            'glass' => 'glass or glazed ware',
        ],
    ],
    'RiceKind' => [
        'label' => [
            'aged-basmati' => 'aged basmati',
            'new-basmati' => 'new-crop basmati',
            'persian' => 'Persian aromatic long grain',
            'sella-basmati' => 'parboiled (sella) basmati',
            'brown-basmati' => 'brown basmati',
            'small-grain' => 'small-grain aromatic',
            'white-long-grain' => 'medium white long grain',
        ],
    ],
    'RiceOutcome' => [
        'label' => [
            'hard' => 'hard',
            'firm' => 'a bit firm',
            'right' => 'separate, tender',
            'soft' => 'soft',
            'wet' => 'wet, sticking',
        ],
    ],
    'Serving' => [
        'label' => [
            'whole' => 'turned out whole',
            'lifted' => 'rice lifted off, crust after it',
            'scooped' => 'scooped down one side, all layers on each plate',
            'mixed' => 'top rice set aside, the rest mixed gently, topped again',
            'platter' => 'on a platter, rice and what is served with it in turns',
        ],
        'task' => [
            'whole' => 'Turn out',
            'lifted' => 'Lift off rice and crust',
            'scooped' => 'Open and scoop',
            'mixed' => 'Open, set the top aside, mix gently',
            'platter' => 'Open and lay out the platter',
        ],
    ],
    'Spices' => [
        'label' => [
            'none' => 'no whole spices',
            'fished' => 'whole spices, fished out',
            'left' => 'whole spices, left in',
        ],
    ],
    'Stage' => [
        'pressed' => [
            'snaps' => 'It cracks in two, dry.',
            'half' => 'It flattens a little and stops: the middle is hard.',
            'rises' => 'It flattens, the middle stands against the finger.',
            'breaks' => 'It parts in pieces.',
            'thread' => 'It flattens, with a thread to feel along it.',
            'point' => 'It flattens, with one speck to feel.',
            'done' => 'It smears.',
        ],
        'label' => [
            'snaps' => 'snaps dry',
            'half' => 'hard heart',
            'rises' => 'rides up',
            'breaks' => 'two or three',
            'thread' => 'thread of grit',
            'point' => 'pin point',
            'done' => 'smears',
        ],
        'words' => [
            'snaps' => 'snaps with a dry white body',
            'half' => 'gives outside, hard in the middle',
            'rises' => 'turns dense white and rides up in the boil',
            'breaks' => 'breaks in two or three and crunches a little',
            'thread' => 'has only a thread of grit',
            'point' => 'has a pin point left',
            'done' => 'smears without grit',
        ],
        'tells' => [
            'snaps' => 'What tells: the heart fills the grain, it is short still, and pressed it cracks.',
            'half' => 'What tells: the heart is over half as wide as the grain; the skin gives and the middle does not.',
            'rises' => 'What tells: more than half of them ride up, dense and white; the heart is a good half of the width.',
            'breaks' => 'What tells: pressed it parts in two or three; the heart is about half the width, and nearly all ride up.',
            'thread' => 'What tells: a thin white line is left along the middle, and nothing crunches.',
            'point' => 'What tells: only specks are left, in some grains none.',
            'done' => 'What tells: hardly a heart in any grain; pressed it smears.',
        ],
        'bitten' => [
            'snaps' => 'It cracks between the teeth like a raw grain and leaves chalk on the tongue.',
            'half' => 'The skin is soft; then there is a hard pip.',
            'rises' => 'It is chewy outside, with a firm grain of sand in the middle.',
            'breaks' => 'It is soft, with one small crunch in the bite.',
            'thread' => 'It is soft, with a thread of grit along the middle.',
            'point' => 'It is soft all through but for one speck.',
            'done' => 'It is soft all through; nothing is left under the teeth.',
        ],
    ],
    'Staple' => [
        'label' => [
            'salt' => 'salt',
            'oil' => 'oil',
            'fat' => 'fat',
            'ghee-or-oil' => 'ghee or oil',
            'lemon' => 'lemon',
            'broth' => 'broth',
            'green-papaya' => 'green papaya',
            'yogurt' => 'yogurt',
            'flour' => 'flour',
            'foil' => 'foil',
            'raw-onion' => 'raw onion',
        ],
    ],
    'Salt' => [
        'label' => [
            'fine' => 'fine',
            'coarse' => 'coarse',
            'flakes' => 'flakes',
        ],
        'spoken' => [
            'fine' => 'fine',
            'coarse' => 'coarse',
            'flakes' => 'in flakes',
        ],
    ],
    'Station' => [
        'label' => [
            'table' => 'Table',
            'rice' => 'Rice',
            'water' => 'Water',
            'filling' => 'Filling',
            'layers' => 'Layers',
            'lid' => 'Lid',
            'heat' => 'Heat',
            'serve' => 'Serve',
        ],
    ],
    'Taste' => [
        'label' => [
            'flat' => 'flat',
            'mild' => 'mild',
            'usual' => 'as usual',
            'full' => 'well salted',
            'salty' => 'salty',
        ],
    ],
    'Texture' => [
        'label' => [
            'hard' => 'hard',
            'firm' => 'a bit firm',
            'tender' => 'separate, tender',
            'soft' => 'soft',
            'wet' => 'wet, sticking',
        ],
    ],
    'LidFit' => [
        'label' => ['tight' => 'tight', 'loose' => 'loose', 'vent' => 'with a vent'],
    ],
    'LetsGo' => [
        'label' => [
            'at-once' => 'The coat lets the crust go at once',
            'after-rest-or-cold-water' => 'Bare metal lets the crust go after the rest, or with its base in cold water for a minute',
            'after-rest' => 'The crust lets go after the rest: no cold water, it would crack the pot',
        ],
    ],
    'Degrees' => [
        'label' => ['celsius' => 'Celsius', 'fahrenheit' => 'Fahrenheit'],
    ],
    'Weekday' => [
        'label' => ['monday' => 'Monday', 'saturday' => 'Saturday', 'sunday' => 'Sunday'],
    ],
    'Units' => [
        'label' => [
            'grams' => 'grams and litres',
            'ounces' => 'ounces and pounds',
            'cups' => 'cups and spoons',
        ],
    ],
    'Wetness' => [
        'label' => [
            'dry' => 'cooked down till the fat comes out',
            'moist' => 'moist, hardly running',
            'wet' => 'in a running gravy',
            'soupy' => 'swimming in gravy',
        ],
    ],
    'Yogurt' => [
        'label' => [
            'none' => 'no yogurt',
            'now' => 'yogurt from the start',
            'morning' => 'yogurt in the last hour',
        ],
    ],
];
