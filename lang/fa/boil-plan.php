<?php

declare(strict_types=1);

return [
    'a-batch-carries-off' => 'هر یک از {batches} نوبت {litres, number, ::.00} لیتر از آب و نمکش را می‌برد؛ نوبت بعد آن را می‌خواهد.',
    'tau' => 'از خام تا پخته در آب ۱۰۰ درجه: {kind} خشک {unsoakedTauS} دقیقه می‌خواهد؛ {soak} {saturation}٪ سیر شده، که {soakGain}٪ کمتر می‌کند.',
    'belief' => '{belief}.',
    'times-of-rice' => '{perRice} برابرِ {raw} برنج{batches, plural, one{} other{، در # نوبتِ {litres, number, ::.0} لیتری در همان آب}}.',
    'fills-the-pot' => 'با برنج {fullL}٪ {pot} را پر می‌کند؛ یک‌چهارم برای کف خالی می‌ماند.',
    'salt-in-the-water' => '{saltGPerL} گرم در لیتر برای {waterKg, number, ::.0} لیتر: {teaspoons, number, ::.0} قاشق چای‌خوری نمک {salt}، هر کدام {gramsPerTeaspoon} گرم.',
    'salt-kept' => 'برنج {keptWaterL, number, ::.00} لیتر از آب نمک را نگه می‌دارد، با ۸۵٪ شوری آن: {boilG, number, ::.0} گرم{soaked, select, yes{ و {soakG, number, ::.0} گرم از خیساندن} other{}}.',
    'salt-rinsed-off' => 'آبکشی سرد {rinsedOffG, number, ::.0} گرم را دوباره می‌برد. بقیه دور ریخته می‌شود.',
    'salt-poured-away' => 'بقیه دور ریخته می‌شود.',
    'back-at-the-boil' => 'برنج آب را از {boilC, number, ::.0} به {afterRiceC, number, ::.0} درجه می‌آورد؛ {ring} با درِ بسته {netW} وات به آن می‌رساند.',
    'boiling-point' => '{soak}؛ در بلندی {altitudeM} متر آب در {boilC, number, ::.0} درجه می‌جوشد؛ {belief}.',
    'lifted-as-it-feels' => 'وقتی دانه میان انگشتان {target}٪ پخته است برداشته می‌شود؛ {handDelayS} ثانیه تا آبکش و پختنی که آنجا ادامه دارد، در قابلمه {inPot}٪ می‌شود.',
];
