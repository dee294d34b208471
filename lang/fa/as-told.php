<?php

declare(strict_types=1);

return [
    'quoted' => '«{says}»',
    'boil' => '{isRange, select, yes{{least} تا {most} دقیقه} other{{least} دقیقه}} جوش، به روش شما: در این آب یعنی دانه‌ای که {stage}.{isSame, select, yes{ همین‌طور برنامه شده است} other{ در برنامه {ours} است}}.',
    'heat' => 'دستور شما: {says}. روی این اجاق و با این قابلمه در {theirs} از {of} آشپزخانه درست درمی‌آید{hasFault, select, yes{ ({fault})} other{}}؛ حرارتی که اینجا پیدا شد در {ours}.',
    'heat-only' => 'دستور شما: {says}{hasFault, select, yes{ ({fault})} other{}}.',
    'heat-taken' => 'مطابق دستور شما: {says}.',
    'take-it' => 'حرارت دستور را بگیر',
    'rest' => 'دستور شما {isRange, select, yes{{least} تا {most} دقیقه} other{{least} دقیقه}} می‌گذارد بماند.',
];
