<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Every page in Persian: no word of English but names, nothing past the edge, nothing that keeps anyone out. */
class PersianWalkTest extends EveryWord
{
    protected const LOCALE = 'fa';

    /** Looked into by axe: a page of each place. */
    private const LOOKED_INTO = '~^/(?:shelf|stove|notebook|notebook/trends|kitchen|kitchen/stoves|drill|care|begin|dishes/\w{26}|meals/\w{26}|cooks/\w{26}/record)$~';

    /** @var array<string, true> shapes of addresses that were */
    private array $into = [];

    protected function looked(string $path): void
    {
        $shape = (string) preg_replace('~\w{26}~', '*', $path);
        if (preg_match(self::LOOKED_INTO, $path) === 1 && ! isset($this->into[$shape])) {
            $this->into[$shape] = true;
            $this->assertAccessible("{$path} in Persian");
            // What is printed is looked at, not listened to.
            foreach ([
                ['(prefers-color-scheme: dark)', '', 'dark', []], ['print', 'print', 'light', ['color-contrast']],
            ] as [$how, $media, $scheme, $rules]) {
                $this->stack->seenAs($this->browser, $media, $scheme);
                self::assertTrue($this->browser->executeScript('return matchMedia(arguments[0]).matches', [$how]));
                $this->assertAccessible("{$path} in Persian, {$how}", $rules);
            }
            $this->stack->seenAs($this->browser, '', '');
        }
        self::assertSame('rtl', $this->browser->executeScript('return document.documentElement.dir'), $path);
        self::assertSame([], $this->browser->executeScript(
            'const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT), found = [];
            while (walk.nextNode()) if (/[0-9]/.test(walk.currentNode.data) && ! /[A-Za-z\\u2068\\u2069]/.test(walk.currentNode.data)
                && ! walk.currentNode.parentElement.closest("script, style, noscript, code, .name, .of")) found.push(walk.currentNode.data.trim());
            return found.slice(0, 5);',
        ), "{$path}: figures in Latin digits");
    }
}
