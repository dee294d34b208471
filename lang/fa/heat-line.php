<?php

declare(strict_types=1);

return [
    'stretch' => '{minutes} دقیقه {isRest, select, yes{استراحت} other{روی {heat}}}{isTill, select, yes{ تا وقتی که {till}{more, plural, =0{} other{ و # دقیقه پس از آن}}} other{}}',
];
