<?php

declare(strict_types=1);

return [
    'target-weight' => 'برنج باید {target} برابر وزن خامش شود{folded, select, yes{، چون خورش آبدار لابه‌لایش می‌رود} other{}}: {takenG} گرم آب دیگر می‌گیرد{isGained, select, yes{؛ {gain} گرم را در خیساندن گرفته است} other{}}.',
    'lost-as-steam' => '{openG} گرم با در باز بخار می‌شود و {lidG} گرم از کنار در می‌رود؛ خورش {fillingFreeG} گرم آب می‌دهد.',
    'of-it-broth' => 'روی هم {liquid} گرم، که {brothG} گرم آن به وزن آب گوشت است.',
    'cup-size' => '{cup}، هر کدام {millilitres} میلی‌لیتر؛ یک میلی‌لیتر آب یک گرم است.',
    'cooker-line' => 'خط پلوپز پیمانه‌های {cupMl} میلی‌لیتری برنج سادهٔ نخیسانده را می‌شمارد، هر کدام با {perMark} گرم آب، و {scaleLossG} گرم برای روزنهٔ بخار.',
];
