<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Facades\DB;
use Normalizer;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * Somebody of a household who signs in.
 *
 * @property string $id
 * @property string $household_id
 * @property string $name
 * @property Role $role
 * @property string|null $language what this one reads in, where it is not the household's
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

    /** @var array<string, mixed> */
    protected $attributes = ['language' => null];

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
        $name = self::plain($said->text('name'));
        if ($name === '') {
            throw Refused::because('name', 'refused.a-name-is-seen');
        }
        if (mb_strlen($name) > 60) {
            throw Refused::because('name', 'refused.the-name-is-too-long', most: 60);
        }
        $passphrase = self::passphrase($said);

        return DB::transaction(static function () use ($household, $role, $name, $passphrase): self {
            if (self::called($name) !== null) {
                throw Refused::because('name', 'refused.somebody-is-called-so', name: $name);
            }

            return self::query()->create([
                'household_id' => $household->id, 'name' => $name, 'role' => $role, 'passphrase' => $passphrase,
            ]);
        });
    }

    /** Who is called so, in whatever capitals and with whatever signs that are not seen. */
    public static function called(string $name): ?self
    {
        $folded = self::folded($name);

        return self::query()->get()->first(static fn (self $one): bool => self::folded($one->name) === $folded);
    }

    /** A name as it is shown: without what is not seen, one space between its parts. */
    private static function plain(string $name): string
    {
        // Joiners within a word belong to it in Persian and other scripts.
        $seen = (string) preg_replace('/(?![\x{200C}\x{200D}])[\p{Cc}\p{Cf}\p{Co}\p{Cn}]/u', '', $name);
        $seen = (string) preg_replace('/^[\x{200C}\x{200D}]+|[\x{200C}\x{200D}]+$/u', '', $seen);

        return trim((string) preg_replace('/[\s\p{Z}]+/u', ' ', $seen));
    }

    private static function folded(string $name): string
    {
        $composed = Normalizer::normalize(self::plain($name), Normalizer::FORM_KC);
        $seen = (string) preg_replace('/[\p{Cf}]/u', '', $composed === false ? $name : $composed);

        return mb_convert_case($seen, MB_CASE_FOLD, 'UTF-8');
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
