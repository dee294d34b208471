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
            'passphrase' => $this->secret($this->say('commands.a-passphrase')),
            'again' => $this->secret($this->say('commands.the-same-again')),
        ];
    }
}
