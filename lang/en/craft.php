<?php

declare(strict_types=1);

// What the craft calls what stands in schema/craft, by file and id.
return [
    'bases' => [
        'rice' => [
            'name' => 'plain rice',
        ],
        'yogurt-rice' => [
            'name' => 'saffron-yogurt rice',
            'holds' => [
                'milk' => 'the yogurt in the base',
            ],
        ],
        'potato' => [
            'name' => 'potato slices',
            'bought' => [
                'name' => 'potatoes',
            ],
        ],
        'flat-bread' => [
            'name' => 'flat bread',
            'holds' => [
                'gluten' => 'the bread base',
            ],
        ],
        'lettuce' => [
            'name' => 'lettuce leaves',
        ],
        'filling' => [
            'name' => 'the filling itself',
        ],
        'none' => [
            'name' => 'no crust',
        ],
    ],
    'boiled' => [
        'broad-beans' => [
            'name' => 'broad beans, shelled',
        ],
        'peas' => [
            'name' => 'green peas',
        ],
        'lentils' => [
            'name' => 'lentils, soaked',
        ],
        'beans-cooked' => [
            'name' => 'beans or chickpeas, cooked',
        ],
        'green-beans' => [
            'name' => 'green beans, cut',
        ],
        'root-cubes' => [
            'name' => 'roots in 1 cm cubes',
        ],
        'root-cubes-large' => [
            'name' => 'roots in 2 cm cubes',
        ],
        'herbs' => [
            'name' => 'soft herbs, chopped',
        ],
    ],
    'cues' => [
        'steam' => [
            'says' => 'Steam meets the lid',
            'as' => 'steam meets the lid',
            'seen' => 'Steam meets the lid',
            'felt' => 'Steam meets the lid.',
            'not_felt' => 'No steam at the lid.',
        ],
        'no-steam' => [
            'says' => 'No steam yet',
        ],
        'lid-hot' => [
            'says' => 'Lid too hot to touch',
            'as' => 'the lid is hot',
            'seen' => 'The lid is hot',
            'felt' => 'The lid is too hot to hold.',
            'not_felt' => 'The lid can be touched.',
        ],
        'smell-nothing' => [
            'says' => 'Smells of nothing yet',
            'short' => 'of nothing yet',
            'felt' => 'It smells of nothing.',
        ],
        'smell-bread' => [
            'says' => 'Smells of bread',
            'short' => 'of bread',
            'felt' => 'It smells of bread.',
        ],
        'toasted' => [
            'says' => 'Smells of toast',
            'short' => 'of toast',
            'felt' => 'It smells of toast.',
        ],
        'smell-bitter' => [
            'says' => 'Smells bitter',
            'short' => 'bitter',
            'felt' => 'It smells bitter.',
        ],
        'edge-pale' => [
            'says' => 'The edge is pale',
            'short' => 'pale',
            'felt' => 'Eased off the wall with a knife, the edge is pale.',
        ],
        'edge-straw' => [
            'says' => 'The edge is straw',
            'short' => 'straw',
            'felt' => 'Eased off the wall with a knife, the edge is straw.',
        ],
        'edge-golden' => [
            'says' => 'The edge is golden',
            'short' => 'golden',
            'felt' => 'Eased off the wall with a knife, the edge is golden.',
        ],
        'edge-amber' => [
            'says' => 'The edge is amber',
            'short' => 'amber',
            'felt' => 'Eased off the wall with a knife, the edge is amber.',
        ],
        'edge-pale-light' => [
            'says' => 'The edge is white',
            'short' => 'white',
            'felt' => 'Eased off the wall with a knife, the edge is white.',
        ],
        'edge-pale-deep' => [
            'says' => 'The edge is pale',
            'short' => 'pale',
            'felt' => 'Eased off the wall with a knife, the edge is pale.',
        ],
        'edge-straw-light' => [
            'says' => 'The edge is light straw',
            'short' => 'light straw',
            'felt' => 'Eased off the wall with a knife, the edge is light straw.',
        ],
        'edge-straw-deep' => [
            'says' => 'The edge is deep straw',
            'short' => 'deep straw',
            'felt' => 'Eased off the wall with a knife, the edge is deep straw.',
        ],
        'edge-golden-light' => [
            'says' => 'The edge is light golden',
            'short' => 'light golden',
            'felt' => 'Eased off the wall with a knife, the edge is light golden.',
        ],
        'edge-golden-deep' => [
            'says' => 'The edge is deep golden',
            'short' => 'deep golden',
            'felt' => 'Eased off the wall with a knife, the edge is deep golden.',
        ],
        'edge-amber-light' => [
            'says' => 'The edge is light amber',
            'short' => 'light amber',
            'felt' => 'Eased off the wall with a knife, the edge is light amber.',
        ],
        'edge-amber-deep' => [
            'says' => 'The edge is deep amber',
            'short' => 'deep amber',
            'felt' => 'Eased off the wall with a knife, the edge is deep amber.',
        ],
        'edge-dark' => [
            'says' => 'The edge is dark',
            'short' => 'dark',
            'felt' => 'Eased off the wall with a knife, the edge is dark.',
        ],
        'sizzle-wet' => [
            'says' => 'It sizzles wet',
            'short' => 'a wet sizzle',
        ],
        'sizzle-dry' => [
            'says' => 'It sizzles dry',
            'short' => 'a dry sizzle',
        ],
        'quiet' => [
            'says' => 'It is quiet',
            'short' => 'quiet',
        ],
        'no-look' => [
            'says' => 'Did not look',
        ],
        'sizzle' => [
            'as' => 'the base sizzles',
            'seen' => 'The base sizzles',
        ],
    ],
    'fillings' => [
        'chicken-thigh' => [
            'name' => 'chicken thigh, bone in',
            'readied' => [
                0 => [
                    'does' => 'brown all round in hot fat',
                    'till' => 'brown on all sides',
                ],
                1 => [
                    'does' => 'cover and simmer',
                    'till' => 'the juice runs clear at the bone',
                ],
            ],
        ],
        'chicken-breast' => [
            'name' => 'chicken breast',
            'readied' => [
                0 => [
                    'does' => 'turn in hot fat, not yet through',
                    'till' => 'white outside, just pink within',
                ],
            ],
        ],
        'turkey-thigh' => [
            'name' => 'turkey thigh',
            'readied' => [
                0 => [
                    'does' => 'brown all round in hot fat',
                    'till' => 'brown on all sides',
                ],
                1 => [
                    'does' => 'cover and simmer',
                    'till' => 'a fork goes in',
                ],
            ],
        ],
        'lamb-cubes' => [
            'name' => 'lamb or goat, young, cubes',
            'readied' => [
                0 => [
                    'does' => 'brown all round in hot fat',
                    'till' => 'brown on all sides',
                ],
                1 => [
                    'does' => 'cover and simmer',
                    'till' => 'a fork goes in',
                ],
            ],
        ],
        'mutton-cubes' => [
            'name' => 'mutton or beef chuck, cubes',
            'readied' => [
                0 => [
                    'does' => 'brown all round in hot fat',
                    'till' => 'brown on all sides',
                ],
                1 => [
                    'does' => 'cover and simmer',
                    'till' => 'a fork goes in',
                ],
            ],
        ],
        'meatballs' => [
            'name' => 'minced meat balls',
            'readied' => [
                0 => [
                    'does' => 'fry on all sides',
                    'till' => 'no pink at the centre of one cut open',
                ],
            ],
        ],
        'mince' => [
            'name' => 'mince, loose',
            'readied' => [
                0 => [
                    'does' => 'fry, breaking it up',
                    'till' => 'no pink is left and the fat comes out at the edge',
                ],
            ],
        ],
        'fish' => [
            'name' => 'fish',
            'readied' => [
                0 => [
                    'does' => 'fry a minute or two a side',
                    'till' => 'it flakes at the edge',
                ],
            ],
        ],
        'prawns' => [
            'name' => 'prawns',
            'readied' => [
                0 => [
                    'does' => 'toss in hot fat',
                    'till' => 'they curl and turn pink',
                ],
            ],
        ],
        'egg' => [
            'name' => 'boiled egg',
            'readied' => [
                0 => [
                    'does' => 'boil, then cold water',
                ],
                1 => [
                    'does' => 'peel, and prick all round',
                ],
            ],
        ],
        'paneer' => [
            'name' => 'paneer or tofu',
            'readied' => [
                0 => [
                    'does' => 'stir in hot fat',
                    'till' => 'golden at the edges',
                ],
            ],
        ],
        'ready' => [
            'name' => 'cooked pulses, nuts, dried fruit',
            'readied' => [
                0 => [
                    'does' => 'warm through with a spoonful of water',
                ],
            ],
        ],
        'leftovers' => [
            'name' => 'cooked meat or curry of the day before',
            'readied' => [
                0 => [
                    'does' => 'let down with water and heat through, once',
                    'till' => '74 °C throughout',
                ],
            ],
        ],
        'root-vegetables' => [
            'name' => 'root vegetables, jackfruit',
            'readied' => [
                0 => [
                    'does' => 'fry',
                    'till' => 'the edges colour',
                ],
                1 => [
                    'does' => 'cover and simmer',
                    'till' => 'a knife goes in',
                ],
            ],
        ],
        'tender-vegetables' => [
            'name' => 'tender vegetables, mushrooms',
            'readied' => [
                0 => [
                    'does' => 'fry, stirring',
                    'till' => 'their water is gone',
                ],
            ],
        ],
        'onion' => [
            'name' => 'onion, for the gravy',
            'readied' => [
                0 => [
                    'does' => 'slice, and fry in fat',
                    'till' => 'golden',
                ],
            ],
        ],
        'tomato' => [
            'name' => 'tomato, for the gravy',
            'readied' => [
                0 => [
                    'does' => 'cook down with the paste and the ground spices',
                    'till' => 'the fat comes out at the edge',
                ],
            ],
        ],
    ],
    'preparations' => [
        'nut-paste' => [
            'name' => 'soaked, peeled and ground to a paste',
            'steps' => [
                0 => [
                    'does' => 'soak in hot water',
                ],
                1 => [
                    'does' => 'slip the skins off',
                ],
                2 => [
                    'does' => 'grind with its own soaking water to a paste',
                ],
            ],
        ],
        'sweet-peel' => [
            'name' => 'boiled three times and sweetened',
            'steps' => [
                0 => [
                    'does' => 'shred, and boil in fresh water; pour it off',
                ],
                1 => [
                    'does' => 'boil in fresh water again; pour it off',
                ],
                2 => [
                    'does' => 'simmer in as much sugar as peel, with a little water, till clear',
                ],
            ],
        ],
        'spice-bag' => [
            'name' => 'tied in a cloth',
            'steps' => [
                0 => [
                    'does' => 'tie in a cloth, to be lifted out',
                ],
            ],
        ],
        'caramel' => [
            'name' => 'melted to an amber caramel',
            'steps' => [
                0 => [
                    'does' => 'melt dry to amber, then a spoonful of hot water at arm’s length',
                ],
            ],
        ],
        'fried-crisp' => [
            'name' => 'fried crisp',
            'steps' => [
                0 => [
                    'does' => 'fry in hot fat till crisp; drain on paper, not covered',
                ],
            ],
        ],
        'bloomed' => [
            'name' => 'ground and bloomed',
            'steps' => [
                0 => [
                    'does' => 'grind with a pinch of sugar, hot water over it',
                ],
                1 => [
                    'does' => 'blooms',
                ],
            ],
        ],
    ],
    'seals' => [
        'dough' => [
            'name' => 'dough round the rim',
        ],
        'foil-dough' => [
            'name' => 'foil, and dough over it',
        ],
        'dough-sheet' => [
            'name' => 'a sheet of dough over the pot',
        ],
        'foil' => [
            'name' => 'foil and lid',
        ],
        'cloth' => [
            'name' => 'cloth and lid',
        ],
        'cloth-later' => [
            'name' => 'the bare lid till steam, then a cloth',
        ],
        'damp-cloth' => [
            'name' => 'damp cloth and lid',
        ],
        'paper' => [
            'name' => 'kitchen paper and lid',
        ],
        'tight-lid' => [
            'name' => 'a tight lid',
        ],
        'loose-lid' => [
            'name' => 'a loose lid',
        ],
        'vented-lid' => [
            'name' => 'a lid with its vent open',
        ],
    ],
    'schools' => [
        'cooked-filling' => [
            'label' => 'Cooked filling, layered (pakki)',
            'gloss' => 'the filling is cooked first, then layered with the rice',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'lamb in its gravy',
                        'parts' => [
                            0 => [
                                'name' => 'lamb, cubes',
                            ],
                            1 => [
                                'name' => 'onion, sliced',
                                'bought' => [
                                    'name' => 'onions',
                                ],
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Brown the lamb',
                            ],
                            1 => [
                                'name' => 'Simmer',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'cooker' => [
            'label' => 'Rice cooker, then a warm oven',
            'gloss' => 'rice cooked alone in a cooker, put over the filling and kept in a warm oven',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'vegetables',
                        'parts' => [
                            0 => [
                                'name' => 'vegetables, fried',
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Fry the vegetables',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'drained-and-steamed' => [
            'label' => 'Drained and steamed (polo)',
            'gloss' => 'long soak, short boil, drained, then steamed as a mound over a crust',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'chicken',
                        'parts' => [
                            0 => [
                                'name' => 'chicken thighs, bone in',
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Brown the thighs',
                            ],
                            1 => [
                                'name' => 'Simmer',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'long-seal' => [
            'label' => 'Long seal (slow dum)',
            'gloss' => 'cooked filling, sealed with dough and steamed very low for long',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'lamb in its gravy',
                        'parts' => [
                            0 => [
                                'name' => 'lamb, cubes',
                            ],
                            1 => [
                                'name' => 'onion, sliced',
                                'bought' => [
                                    'name' => 'onions',
                                ],
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Brown the lamb',
                            ],
                            1 => [
                                'name' => 'Simmer',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'one-pot' => [
            'label' => 'One pot by absorption (dampokht)',
            'gloss' => 'measured water over filling and rice, cooked to dry craters, then sealed',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'pulses and greens',
                        'parts' => [
                            0 => [
                                'name' => 'pulses, cooked',
                            ],
                            1 => [
                                'name' => 'greens, shredded',
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Fry onion and spices',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'raw-filling' => [
            'label' => 'Raw filling, sealed (kacchi)',
            'gloss' => 'the meat goes in raw from its marinade and cooks under the rice',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'chicken in its marinade',
                        'parts' => [
                            0 => [
                                'name' => 'chicken thighs, bone in',
                            ],
                        ],
                    ],
                ],
                'extras' => [
                    0 => [
                        'name' => 'Saffron, ground and bloomed',
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
        'yesterday' => [
            'label' => 'Yesterday\'s filling, fresh rice',
            'gloss' => 'leftover curry let down with water, quick rice folded in',
            'first' => [
                'fillings' => [
                    0 => [
                        'name' => 'yesterday\'s curry',
                        'parts' => [
                            0 => [
                                'name' => 'curry of yesterday',
                            ],
                        ],
                        'steps' => [
                            0 => [
                                'name' => 'Let it down with water, heat to 74 °C throughout',
                            ],
                        ],
                    ],
                ],
                'sides' => [
                    0 => [
                        'name' => 'Yogurt and herbs',
                    ],
                ],
            ],
        ],
    ],
];
