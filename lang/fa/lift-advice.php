<?php

declare(strict_types=1);

return [
    'lift-now' => 'همین حالا بردارید: به احتمال زیاد در قابلمه {inPot}٪ است، نه {target}٪؛ در این حال دانه {feels}.',
    'rinse-cold' => 'زود با آب سرد بشویید تا روی {best}٪ بماند.',
    'less-under-the-lid' => 'حدود {fewerMin} دقیقه کمتر دم می‌خواهد و {waterG} گرم آب بیشتر دارد: همان‌قدر آب از خورش کم کنید.',
];
