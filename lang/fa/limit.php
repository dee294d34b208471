<?php

declare(strict_types=1);

return [
    'rice-done' => 'برنج {value, number, ::.}٪ پخته{least, select, yes{، دست‌کم {from, number, ::.}٪} other{}}{most, select, yes{، دست‌بالا {to, number, ::.}٪} other{}}',
    'rice-weight' => 'برنج {value, number, ::.00} برابر خام{least, select, yes{، دست‌کم {from, number, ::.00} برابر} other{}}{most, select, yes{، دست‌بالا {to, number, ::.00} برابر} other{}}',
    'free-water' => 'آب آزاد {value, number, ::.00} برنج خام{least, select, yes{، دست‌کم {from, number, ::.00} برنج خام} other{}}{most, select, yes{، دست‌بالا {to, number, ::.00} برنج خام} other{}}',
    'safe-core' => 'مغز {value, number, ::.} درجه{least, select, yes{، دست‌کم {from, number, ::.} درجه} other{}}{most, select, yes{، دست‌بالا {to, number, ::.} درجه} other{}}',
    'tender' => 'خورش {value, number, ::.0} برابر نرم{least, select, yes{، دست‌کم {from, number, ::.0} برابر} other{}}{most, select, yes{، دست‌بالا {to, number, ::.0} برابر} other{}}',
    'steamed' => 'روی برنج {value, number, ::.} دقیقه در بخار{least, select, yes{، دست‌کم {from, number, ::.}} other{}}{most, select, yes{، دست‌بالا {to, number, ::.}} other{}}',
    'crust-set' => 'ته‌دیگ {value, number, ::.0} میلی‌متر خشک شده{least, select, yes{، دست‌کم {from, number, ::.0} میلی‌متر} other{}}{most, select, yes{، دست‌بالا {to, number, ::.0} میلی‌متر} other{}}',
    'crust' => 'ته‌دیگ به اندازهٔ {value, number, ::.00} رنگ گرفته{least, select, yes{، دست‌کم {from, number, ::.00}} other{}}{most, select, yes{، دست‌بالا {to, number, ::.00}} other{}}',
];
