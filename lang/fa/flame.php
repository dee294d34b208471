<?php

declare(strict_types=1);

return [
    'keeps-warm' => 'در پلوپز گرم نگه داشته می‌شود',
    'off' => 'استراحت',
    'oven' => 'فر {celsius} درجه',
    'on' => '{isMarked, select, yes{{mark}} other{{percent}٪}}{isOnPlate, select, yes{ روی {isHot, select, yes{شعله‌پخش‌کنِ داغ: } other{}}{plate}} other{}}{isMoved, select, yes{، روی {ring}} other{}}',
];
