<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Wording\MadeUp;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Every page in a language that is not the first, or is made up: no bare word but what the cook or the craft has named, nothing past the edge. */
abstract class EveryWord extends BrowserTestCase
{
    protected const LOCALE = MadeUp::LOCALE;

    /** So many addresses of one shape are walked. */
    private const OF_A_SHAPE = 2;

    private const AT_MOST = 70;

    private const FROM = [
        '/shelf', '/pot', '/clock', '/notebook', '/notebook/trends', '/kitchen', '/kitchen/things', '/kitchen/stoves',
        '/drill', '/care', '/people', '/begin', '/archive', '/nowhere',
    ];

    /** What the demo's cooks wrote themselves, and units (core/Measure/Units). */
    private const WRITTEN = 'Winter supper of the rowing club. Two biryanis on Sunday. Lentil polo on a weekday. two guests '
        .'Too much gravy under the rice, and the flame too low for a crust. The first heat ran on while the salad was made. '
        .'As it should be. Two hours of soak. Half an hour late and the rice soft. Count back from the table. '
        .'Two minutes less at the first heat. Lifted too soon: the rice stayed hard in the middle. '
        .'Wait for two or three pieces. baked quince drops Boathouse kitchen cups English orbek CSV Delete Tab start fresh passphrase home';

    public function test_no_page_has_a_bare_word_or_runs_past_its_edge(): void
    {
        $this->stack->killServer();
        $this->stack->startServer(['ORBEK_LOCALE' => static::LOCALE]);
        try {
            $known = self::known();
            $bare = $wide = [];
            $paths = $this->paths();
            foreach ($paths as $path) {
                $this->visit($path);
                foreach ($this->words() as $word) {
                    if (! isset($known[mb_strtolower($word)])) {
                        $bare["{$path}: {$word}"] = true;
                    }
                }
                $wide = [...$wide, ...$this->pastTheEdge($path)];
                $this->looked($path);
            }
        } finally {
            $this->stack->killServer();
            $this->stack->startServer();
        }
        self::assertGreaterThan(45, count($paths));
        self::assertSame([], array_keys($bare));
        self::assertSame([], $wide);
    }

    /** What else is held against a page of the walk. */
    protected function looked(string $path): void
    {
    }

    /** @return list<string> addresses that pages link to, a few of each shape */
    private function paths(): array
    {
        $paths = [];
        $shapes = [];
        $ahead = self::FROM;
        for ($next = 0; isset($ahead[$next]) && count($paths) < self::AT_MOST; $next++) {
            $path = $ahead[$next];
            $shape = (string) preg_replace('~[0-9a-z]{26}|(?<=/)[a-z]+-[a-z0-9-]+~', '*', $path);
            if (isset($paths[$path]) || ($shapes[$shape] ?? 0) >= self::OF_A_SHAPE) {
                continue;
            }
            $paths[$path] = true;
            $shapes[$shape] = ($shapes[$shape] ?? 0) + 1;
            $page = (string) @file_get_contents($this->stack->url.$path);
            preg_match_all('~href="(?:'.preg_quote($this->stack->url, '~').')?(/[^"#?.]*)"~', $page, $found);
            $ahead = [...$ahead, ...array_filter(
                $found[1], static fn (string $to): bool => ! preg_match('~/file$|^/build/|/ics$|/calendar|/recipe$~', $to),
            )];
        }

        return array_keys($paths);
    }

    /** @return list<string> words of the page, seen or spoken, that the made-up language would have changed */
    private function words(): array
    {
        $said = $this->browser->executeScript(
            'const said = [document.title];
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            while (walk.nextNode()) if (!walk.currentNode.parentElement.closest("script, style, noscript")) said.push(walk.currentNode.data);
            document.querySelectorAll("[aria-label], [title], [placeholder], [alt]").forEach((one) => ["aria-label", "title",
                "placeholder", "alt"].forEach((name) => said.push(one.getAttribute(name) ?? "")));
            return said.join("\n");',
        );
        preg_match_all('/(?<![\pL…])[A-Za-z]{3,}(?![\pL…]|\.\.\.)/u', is_string($said) ? $said : '', $found);

        return array_values(array_unique(array_filter(
            $found[0], static fn (string $word): bool => static::LOCALE !== MadeUp::LOCALE || preg_match('/[aceinoruy]/i', $word) === 1,
        )));
    }

    /** @return list<string> */
    private function pastTheEdge(string $path): array
    {
        $over = $this->browser->executeScript('return document.documentElement.scrollWidth - window.innerWidth');

        return is_numeric($over) && $over > 1 ? ["{$path}: {$over} px too wide"] : [];
    }

    /** @return array<string, true> words of the craft, of the demo's documents and of what its cooks wrote, small */
    private static function known(): array
    {
        $root = dirname(__DIR__, 2);
        $texts = [self::WRITTEN];
        foreach (['database/demo'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                $texts[] = (string) file_get_contents($file->getPathname());
            }
        }
        preg_match_all('/\pL+/u', mb_strtolower(implode(' ', $texts)), $found);

        return array_fill_keys($found[0], true);
    }
}
