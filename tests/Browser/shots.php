<?php

declare(strict_types=1);

/*
 * Takes the pictures in docs/screenshots anew, from the demo data: ./orbek shots
 */

use App\StandIns\GlassCamera;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Tests\Browser\Stack;

require dirname(__DIR__, 2).'/vendor/autoload.php';

// The environment of the tests: see phpunit.xml.
$xml = simplexml_load_file(dirname(__DIR__, 2).'/phpunit.xml');
foreach ($xml->php->env ?? [] as $env) {
    $_ENV[(string) $env['name']] = $_SERVER[(string) $env['name']] = (string) $env['value'];
    putenv("{$env['name']}={$env['value']}");
}

$stack = Stack::get();
$folder = dirname(__DIR__, 2).'/docs/screenshots';

$press = static function (RemoteWebDriver $browser, string $selector): void {
    // By the page itself: between finding it and pressing it a look at the stove may draw it anew.
    $browser->executeScript('document.querySelector(arguments[0]).click()', [$selector]);
    usleep(900_000);
};
$shot = static function (RemoteWebDriver $browser, string $name) use ($folder): void {
    usleep(500_000);
    $browser->takeScreenshot("{$folder}/{$name}.png");
    echo "docs/screenshots/{$name}.png\n";
};
/** Puts the practice clock forward to what the stove waits for, and further. */
$forward = static function (RemoteWebDriver $browser, int $further = 0): void {
    $left = (int) $browser->executeScript(
        'const at = document.querySelector(".now .count")?.dataset.until; return at ? Math.max(0, Math.ceil(at - Alpine.$data(document.querySelector(".stove")).now())) : 0;',
    );
    $browser->executeAsyncScript(
        'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector(".stove")).turn({forward_s: arguments[0]}).then(done);',
        [$left + $further],
    );
    usleep(400_000);
};

$wide = $stack->browser(1280, 800, whole: true);
$winter = '[...document.querySelectorAll(".meals-ahead a")]'
    .'.find((meal) => meal.textContent.includes("Winter supper")).click()';
// Tables are laid when they are first looked at; the Shelf draws them from then on.
foreach ([0, 1, 2] as $meal) {
    $wide->get($stack->url.'/shelf');
    $wide->executeScript('document.querySelectorAll(".meals-ahead a")[arguments[0]].click()', [$meal]);
    usleep(5_000_000);
}
foreach (
    [
        'shelf' => '/shelf', 'pot' => '/pot', 'notebook' => '/notebook', 'kitchen' => '/kitchen',
        'drill' => '/drill', 'trends' => '/notebook/trends', 'begin' => '/begin/pots',
    ] as $name => $path
) {
    $wide->get($stack->url.$path);
    $shot($wide, $name);
}
$wide->get($stack->url.'/shelf');
$wide->executeScript($winter);
usleep(6_000_000);
$shot($wide, 'meal');
$wide->get($stack->url.'/shelf');
$wide->executeScript(
    '[...document.querySelectorAll(".shelf .dish")].find((dish) => dish.textContent.includes("Turkey")).click()',
);
usleep(600_000);
$press($wide, '[data-open=layers]');
$wide->executeScript('document.getElementById("station-layers").scrollIntoView()');
$shot($wide, 'layers');
$wide->get($stack->url.'/notebook');
$wide->executeScript('document.querySelectorAll(".entry .small a")[3].click()');
$shot($wide, 'record');
// A supper for practice, tapped through a little late here and there.
$wide->get($stack->url.'/drill');
$press($wide, '.practise button');
for ($step = 0; $step < 60 && $wide->findElements(WebDriverBy::cssSelector('.now.noting')) === []; $step++) {
    if ($wide->executeScript('return document.querySelector(".act.main")?.dataset.event') === 'done') {
        $boils = $wide->executeScript('return document.querySelector(".now")?.dataset.task') === 'd1/boil';
        $boils ? $forward($wide, 400) : $forward($wide, 60);
    }
    $press($wide, '.act.main');
}
$wide->executeScript('document.querySelector(".noting a.act").click()');
usleep(1_000_000);
$shot($wide, 'supper');
$wide->get($stack->url.'/shelf');
$wide->executeScript(
    '[...document.querySelectorAll(".shelf .dish")].find((dish) => dish.textContent.includes("Sour-cherry")).click()',
);
usleep(600_000);
$press($wide, '[data-open=heat]');
$press($wide, '.asks button');
$wide->wait(60)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('#strips')));
$wide->executeScript('document.querySelector("#station-heat").scrollIntoView({block: "center"}); document.querySelector("#strips").open = true');
usleep(500_000);
$shot($wide, 'heat');
$wide->get($stack->url.'/shelf');
$wide->executeScript(
    '[...document.querySelectorAll(".shelf .dish")].find((dish) => dish.textContent.includes("Sour-cherry")).click()',
);
usleep(500_000);
// The same in Persian, the Pot in the dark.
$persian = static function (RemoteWebDriver $browser) use ($stack, $press): void {
    $browser->get($stack->url.'/shelf');
    $press($browser, '.languages button[value=fa]');
};
$persian($wide);
$wide->executeScript($winter);
usleep(3_000_000);
$shot($wide, 'clock-persian');
$wide->quit();

$dark = $stack->browser(1280, 800, dark: true, whole: true);
$persian($dark);
$dark->get($stack->url.'/pot');
$shot($dark, 'pot-persian');
$dark->quit();

$phone = $stack->browser(390, 844, whole: true);
$phone->get($stack->url.'/pot');
$press($phone, '.begin-cook button');
for ($step = 0; $step < 40; $step++) {
    $task = $phone->findElements(WebDriverBy::cssSelector('[data-task]'))[0] ?? null;
    $button = $phone->findElements(WebDriverBy::cssSelector('.act.main'))[0] ?? null;
    if ($button === null || $phone->findElements(WebDriverBy::cssSelector('.noting')) !== []) {
        break;
    }
    if ($task?->getAttribute('data-task') === 'd1/boil' && $button->getAttribute('data-event') === 'done') {
        $forward($phone, 280);
        $press($phone, '[data-stage=half]');
        $forward($phone, 25);
        $shot($phone, 'stove-boil');
        $picture = sys_get_temp_dir().'/orbek-shot-glass.jpg';
        file_put_contents($picture, (new GlassCamera)->spoonful(0.62, 5));
        $phone->executeScript('document.querySelector(".by-glass").open = true');
        $phone->findElement(WebDriverBy::cssSelector('.by-glass input[type=file]'))->sendKeys($picture);
        usleep(4_000_000);
        $phone->executeScript(
            'document.querySelector(".by-glass").open = false; document.querySelector(".lifts").scrollIntoView({ block: "start" })',
        );
        $shot($phone, 'glass');
        $phone->executeScript('window.scrollTo(0, 0)');
    } elseif ($task?->getAttribute('data-task') === 'd1/heat-1' && $button->getAttribute('data-event') === 'done') {
        $phone->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; Alpine.$data(document.querySelector(".stove")).turn({forward_s: 240}).then(done);',
        );
        usleep(600_000);
        // Steam is seen: what to do from here is offered.
        $phone->executeScript('document.querySelector(".lid [data-subject=steam]")?.click()');
        usleep(1_500_000);
        $shot($phone, 'stove-lid');
        $forward($phone);
    } elseif ($task !== null) {
        $forward($phone);
    }
    $press($phone, '.act.main');
}
$persian($phone);
$phone->executeScript($winter);
usleep(1_500_000);
$press($phone, '.begin-meal button');
if ($phone->findElements(WebDriverBy::cssSelector('[value="planned"]')) !== []) {
    $press($phone, '[value="planned"]');
}
for ($step = 0; $step < 90; $step++) {
    if ($phone->findElements(WebDriverBy::cssSelector('.closed')) !== []
        && $phone->findElements(WebDriverBy::cssSelector('.now [data-since]')) !== []) {
        $forward($phone, 400);
        $shot($phone, 'stove-persian');
        break;
    }
    $forward($phone, $phone->findElements(WebDriverBy::cssSelector('.now [data-since]')) === [] ? 0 : 330);
    $press($phone, '.act.main');
}
// The laptop is gone: the page goes on from what it has.
usleep(3_000_000);
$stack->killServer();
$phone->executeScript('Alpine.$data(document.querySelector(".stove")).deliver()');
usleep(2_000_000);
$shot($phone, 'stove-alone');
$phone->quit();
