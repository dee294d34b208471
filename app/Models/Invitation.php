<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;

/**
 * A way into a household: it works once, for ten minutes.
 *
 * @property string $id
 * @property string $household_id
 * @property string $token_sum
 * @property Role $role
 * @property Carbon $ends_at
 * @property Carbon|null $used_at
 */
final class Invitation extends Model
{
    use HasUlids;

    private const MINUTES = 10;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'ends_at' => 'datetime', 'used_at' => 'datetime'];
    }

    /** @return string the token, which is nowhere kept */
    public static function for(Household $household, Role $role, DateTimeImmutable $now): string
    {
        $token = Str::random(40);
        self::query()->create([
            'household_id' => $household->id, 'token_sum' => hash('sha256', $token), 'role' => $role,
            'ends_at' => $now->modify('+'.self::MINUTES.' minutes'),
        ]);

        return $token;
    }

    /** The one that a token opens, while it holds. */
    public static function open(string $token, DateTimeImmutable $now): ?self
    {
        return self::query()->where('token_sum', hash('sha256', $token))->whereNull('used_at')->where(
            'ends_at', '>', $now,
        )->first();
    }

    /** Takes a new member in and is used up, in one step: two who come with it at once are one. */
    public function take(Fields $said, DateTimeImmutable $now): ?Member
    {
        return DB::transaction(function () use ($said, $now): ?Member {
            $isFirst = self::query()->whereKey($this->id)->whereNull('used_at')->update(['used_at' => $now]) === 1;

            return $isFirst
                ? Member::join(Household::query()->findOrFail($this->household_id), $this->role, $said) : null;
        });
    }
}
