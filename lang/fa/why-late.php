<?php

declare(strict_types=1);

return [
    'for' => '{late} دقیقه دیر سر سفره، بیشترش برای «{task}»: {tookLonger, select, yes{{minutes} دقیقه بیش از {planned} دقیقهٔ برنامه طول کشید} other{{minutes} دقیقه دیرتر از آنچه می‌شد شروع شد}}',
    'by-itself' => '{late} دقیقه دیر سر سفره{waited, plural, =0{: هیچ مرحله‌ای تنها وقت را نگرفت} other{: آماده بود و # دقیقه پس از آن نشستید}}',
];
