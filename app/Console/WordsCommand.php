<?php

declare(strict_types=1);

namespace App\Console;

use App\Wording\Language;
use App\Wording\Wording;
use Illuminate\Console\Command;

/** What a language still lacks beside English. */
final class WordsCommand extends Command
{
    protected $signature = 'orbek:words {locale? : a folder of lang/; all of them where none is named}';

    protected $description = 'Tell what a language lacks: keys, arguments, messages that cannot be read';

    public function handle(): int
    {
        $locale = $this->argument('locale');
        $all = Language::all(lang_path());
        if (is_string($locale) && ! in_array($locale, $all, true)) {
            $this->error("locale: \"{$locale}\" has no folder in lang/. There are ".implode(', ', $all).'.');

            return self::INVALID;
        }
        $first = Language::of(lang_path(), Wording::FIRST);
        $lacks = 0;
        foreach (is_string($locale) ? [$locale] : $all as $one) {
            $language = Language::of(lang_path(), $one);
            $wrong = $language->against($first);
            array_map($this->line(...), $wrong);
            $this->info(sprintf('%s: %d messages, %d wrong.', $one, count($language->messages), count($wrong)));
            $lacks += count($wrong);
        }

        return $lacks === 0 ? self::SUCCESS : self::FAILURE;
    }
}
