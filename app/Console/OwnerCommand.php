<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Household;
use App\Models\Member;
use App\Models\Role;
use App\Wording\Wording;
use Illuminate\Console\Command;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** Makes an owner, who can invite others; ./orbek start --home asks for the first. */
final class OwnerCommand extends Command
{
    use AsksForAPassphrase;
    use SaysWords;

    protected $signature = 'orbek:owner
        {name? : what the owner is called; asked for where it is left out}
        {--if-none : only where nobody can sign in yet}
        {--new : of a household of their own, which sees nothing of the others}';

    protected $description = 'Make an owner of this household, or of a new one, who can sign in from the home network';

    public function handle(Wording $say): int
    {
        if ($this->option('if-none') === true && Member::query()->exists()) {
            return self::SUCCESS;
        }
        $name = $this->argument('name') ?? ($this->input->isInteractive()
            ? $this->ask($this->say('commands.owners-name')) : null);
        try {
            $household = $this->option('new') === true
                ? Household::query()->create(['name' => 'Home'])
                : Household::inUse();
            Member::join($household, Role::Owner, Fields::of(['name' => $name] + $this->passphrases()));
        } catch (Refused $wrong) {
            $this->getOutput()->getErrorStyle()->writeln($say->refusal($wrong));

            return self::FAILURE;
        }
        $this->line($this->say('commands.can-sign-in', name: $name));

        return self::SUCCESS;
    }
}
