<?php

declare(strict_types=1);

return [
    'press-grains-under-glass' => 'ده دانه را زیر شیشه فشار بده',
    'under-glass-so-far' => 'زیر شیشه: {seesHearts, select, yes{{percent}٪ پخته} other{بی‌مغز}}',
    'grains-outlined' => '{grains, plural, one{یک دانه} other{# دانه}} در عکس، دورش خط کشیده',
    'one-grain' => 'دانهٔ {number}: {sees, select, yes{{percent}٪ پخته} other{مغزی دیده نمی‌شود}}؛ به حساب می‌آید',
    'read' => '<strong>{percent}٪</strong> پخته، {sure} کم یا بیش؛ از دانه به دانه {scatter} به هر سو. از {grains, plural, other{# دانه}} خوانده شد{out, plural, =0{} one{، یکی کنار ماند} other{، # تا کنار ماند}}.',
    'without-heart' => '{none, plural, =0{همهٔ دانه‌ها مغز دارند.} one{یکی از {grains} دانه بی‌مغز است.} other{# تا از {grains} دانه بی‌مغز است.}}{isDone, select, yes{ نُه از ده: پخته.} other{}}{isAll, select, yes{ اگر سراسر سفیدند، خام‌اند: یکی را بشکنید.} other{}}',
    'tap-out' => 'روی دانه‌ای که دورش غلط خط کشیده شده بزنید: دیگر به حساب نمی‌آید. آبی: مغزی دیده نمی‌شود.',
    'how-take' => 'یک قاشق از آب جوش بردارید و فوراً زیر آب سرد بشویید.',
    'how-press' => 'حدود ده دانه را جدا از هم روی چیزی تیره بگذارید و زیر شیشه پهنشان کنید.',
    'how-photograph' => 'در نور یکنواخت از بالا عکس بگیرید، آن‌قدر نزدیک که شیشه عکس را پر کند.',
    'never-checked' => 'اُربِک این را از عکس‌های ساختگی آموخته، نه از عکس واقعی. چند بار اول یک قاشق هم وزن کنید: هر دو نگه داشته می‌شود و در صفحهٔ کیسه کنار هم می‌آید.',
    'counts-20-s' => 'برای لحظه‌ای به حساب می‌آید که قاشق از آب بیرون آمد: ۲۰ ثانیه پیش از عکس.',
    'test-by-glass' => 'آزمایش با شیشه',
    'three-photographs' => 'یکی دو قاشق در یک لیتر آب جوش. سه عکس، هر کدام با دو دقیقه فاصله، از نیم‌پخته به بعد: کیسهٔ تازه را می‌شناساند.',
    'the-rice-is-in' => 'برنج در آب است',
    'in-the-boil' => 'در آب جوش',
    'begin-again' => 'از نو',
    'photograph-of-the-grains' => 'عکس دانه‌ها',
    'glass-beside-scale' => 'شیشه در کنار ترازو',
    'beside-scale' => '{pairs, plural, one{یک بار قاشقی} other{# بار قاشقی}} کنار عکس وزن شد: شیشه به طور میانگین {isSame, select, yes{همان را} other{{apart}٪ {isMore, select, yes{بیشتر} other{کمتر}}}} می‌گوید، {scatter} به هر سو.',
    'no-pair' => 'هنوز قاشقی کنار عکسی وزن نشده است.',
    'tested-by-glass' => '{at}: {percent}٪ زیر شیشه',
];
