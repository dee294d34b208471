<?php

declare(strict_types=1);

namespace App\Console;

/** A passphrase typed twice, unseen; from the environment (ORBEK_PASSPHRASE) where nobody can be asked. */
trait AsksForAPassphrase
{
    /** @return array{passphrase: mixed, again: mixed} */
    private function passphrases(): array
    {
        $given = getenv('ORBEK_PASSPHRASE');
        if (is_string($given) && $given !== '') {
            return ['passphrase' => $given, 'again' => $given];
        }
        if (! $this->input->isInteractive()) {
            return ['passphrase' => '', 'again' => ''];
        }

        return [
            'passphrase' => $this->secret('A passphrase, ten letters or more'),
            'again' => $this->secret('The same again'),
        ];
    }
}
