<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Member;
use App\Wording\Wording;
use Illuminate\Console\Command;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A new passphrase for one who lost theirs; whoever is at the laptop may set it. */
final class PassphraseCommand extends Command
{
    use AsksForAPassphrase;
    use SaysWords;

    protected $signature = 'orbek:passphrase {name : whose}';

    protected $description = 'Set a new passphrase for a member; all their devices are signed out';

    public function handle(Wording $say): int
    {
        $member = Member::called((string) $this->argument('name'));
        try {
            if ($member === null) {
                throw Refused::unknown(
                    'name', (string) $this->argument('name'),
                    array_values(
                        Member::query()->orderBy('name')->get()->map(
                            static fn (Member $one): string => $one->name
                        )->all()
                    ),
                );
            }
            $member->changePassphrase(Member::passphrase(Fields::of($this->passphrases())));
        } catch (Refused $wrong) {
            $this->getOutput()->getErrorStyle()->writeln($say->refusal($wrong));

            return self::FAILURE;
        }
        $this->line($this->say('commands.new-passphrase', name: $member->name));

        return self::SUCCESS;
    }
}
