<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * Somebody of a household who signs in.
 *
 * @property string $id
 * @property string $household_id
 * @property string $name
 * @property Role $role
 * @property string $passphrase hashed
 * @property-read Household $household
 */
final class Member extends User
{
    use HasUlids;

    private const SHORTEST = 10;

    /** What argon2id is given at most: longer ones cost time and add nothing. */
    private const LONGEST = 200;

    protected $guarded = [];

    protected $hidden = ['passphrase'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'passphrase' => 'hashed'];
    }

    public function getAuthPasswordName(): string
    {
        return 'passphrase';
    }

    /** Sessions are what remembers a device (config/session.php): one that is signed out is gone at once. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    public function isOwner(): bool
    {
        return $this->role === Role::Owner;
    }

    /** @throws Refused naming the field, when it is too short, or the name is taken */
    public static function join(Household $household, Role $role, Fields $said): self
    {
        $name = trim($said->text('name'));
        if (mb_strlen($name) > 60) {
            throw Refused::because('name', 'refused.the-name-is-too-long', most: 60);
        }
        $passphrase = self::passphrase($said);

        return DB::transaction(static function () use ($household, $role, $name, $passphrase): self {
            if (self::query()->where('name', $name)->exists()) {
                throw Refused::because('name', 'refused.somebody-is-called-so', name: $name);
            }

            return self::query()->create([
                'household_id' => $household->id, 'name' => $name, 'role' => $role, 'passphrase' => $passphrase,
            ]);
        });
    }

    /** @throws Refused when it is too short, or not the same twice */
    public static function passphrase(Fields $said, string $field = 'passphrase'): string
    {
        $passphrase = $said->text($field);
        if (mb_strlen($passphrase) < self::SHORTEST || mb_strlen($passphrase) > self::LONGEST) {
            throw Refused::because($field, 'refused.a-passphrase-has', least: self::SHORTEST, most: self::LONGEST);
        }
        if ($said->has('again') && $said->text('again') !== $passphrase) {
            throw Refused::because('again', 'refused.it-is-not-the-same-twice');
        }

        return $passphrase;
    }

    /** A new passphrase signs out every device but the one it is changed on. */
    public function changePassphrase(string $passphrase, ?string $keepSession = null): void
    {
        DB::transaction(function () use ($passphrase, $keepSession): void {
            $this->update(['passphrase' => $passphrase]);
            Device::query()->where('user_id', $this->id)->where('id', '!=', (string) $keepSession)->delete();
        });
    }
}
