<?php

declare(strict_types=1);

return [
    'tau' => 'از خام تا پخته در آب ۱۰۰ درجه، {soak}؛ {belief}.',
    'salt-in-the-water' => '{saltGPerL} گرم در لیتر برای {water} آب.',
    'salt-stays' => 'آبی دور ریخته نمی‌شود: همهٔ نمک در برنج می‌ماند.',
    'own-gravy' => '{grams} گرمِ آن آبِ خودِ خورش است.',
    'broth-for-water' => '{brothPerRice} برابر برنج، به‌جای همان‌قدر آب. با نمک و رنگ به سلیقه.',
];
