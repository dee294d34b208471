<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Device;
use App\Models\Household;
use App\Models\Invitation;
use App\Models\Kitchen;
use App\Models\Member;
use App\Models\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Who cooks here, on which devices they are signed in, and how another comes in. */
final class PeopleController
{
    private const TRIES = 5;

    /** After five wrong tries each further one waits so long, s. */
    private const WAIT_S = 60;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function index(Request $request): View
    {
        $members = Member::query()->where('household_id', app(Household::class)->id)->orderBy('name')->get();
        $me = $this->me();

        return view('people.index', [
            'me' => $me, 'members' => $members, 'invitation' => $request->session()->get('invitation'),
            'devices' => $this->devices(),
            'here' => $request->session()->getId(), 'timezone' => Kitchen::core()->site->timezone,
        ]);
    }

    public function invite(Request $request): RedirectResponse
    {
        $role = Fields::ofForm($request->all())->one('role', Role::class, Role::Member);
        $token = Invitation::for(app(Household::class), $role, $this->clock->now());

        return redirect()->route('people')->with('invitation', $this->forAPhone(route('join', $token, false)));
    }

    public function role(Request $request, string $member): RedirectResponse
    {
        $role = Fields::ofForm($request->all())->one('role', Role::class);
        DB::transaction(function () use ($member, $role): void {
            $one = $this->member($member);
            $this->keepsAnOwner($one, $role);
            $one->update(['role' => $role]);
        });

        return redirect()->route('people');
    }

    public function away(string $member): RedirectResponse
    {
        DB::transaction(function () use ($member): void {
            $one = $this->member($member);
            $this->keepsAnOwner($one, null);
            Device::query()->where('user_id', $one->id)->delete();
            $one->delete();
        });

        return redirect()->route('people');
    }

    /** Signs a device out: one's own, or as an owner another member's. */
    public function signOut(string $device): RedirectResponse
    {
        foreach ($this->devices() as $one) {
            if ($one->sum() === $device) {
                $one->delete();

                return redirect()->route('people');
            }
        }
        abort(404);
    }

    /** @return Collection<int, Device> a member's own; for an owner those of all */
    private function devices(): Collection
    {
        $me = $this->me();
        $of = $me->isOwner()
            ? Member::query()->where('household_id', app(Household::class)->id)->pluck('id')->all() : [$me->id];

        return Device::query()->whereIn('user_id', $of)->orderByDesc('last_activity')->get(
            ['id', 'user_id', 'user_agent', 'last_activity'],
        );
    }

    public function passphrase(Request $request): RedirectResponse
    {
        $said = Fields::ofForm($request->only('old', 'passphrase', 'again'));
        // A phone left open is no place to guess at.
        $key = "passphrase:{$this->me()->id}";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw Refused::because('old', 'refused.too-many-tries', seconds: RateLimiter::availableIn($key));
        }
        if (! Hash::check($said->text('old'), $this->me()->passphrase)) {
            RateLimiter::hit($key, self::WAIT_S);
            throw Refused::because('old', 'refused.that-is-not-the-passphrase');
        }
        RateLimiter::clear($key);
        $this->me()->changePassphrase(Member::passphrase($said), $request->session()->getId());

        return redirect()->route('people')->with('changed', true);
    }

    /** A link that opens from a phone too, where this page was opened on the laptop itself. */
    private function forAPhone(string $path): string
    {
        $addresses = config()->array('orbek.addresses');
        $here = in_array(request()->getHost(), ['localhost', '127.0.0.1', '[::1]'], true);

        return ($here && is_string($addresses[0] ?? null) ? $addresses[0] : request()->getSchemeAndHttpHost()).$path;
    }

    private function me(): Member
    {
        $me = Auth::user();

        return $me instanceof Member ? $me : abort(404);
    }

    private function member(string $id): Member
    {
        return Member::query()->where('household_id', app(Household::class)->id)->findOrFail($id);
    }

    /** @throws Refused where nobody would be left to invite another */
    private function keepsAnOwner(Member $one, ?Role $becomes): void
    {
        $others = Member::query()->where(
            'household_id', $one->household_id,
        )->where('role', Role::Owner)->whereKeyNot($one->id);
        if ($one->isOwner() && $becomes !== Role::Owner && ! $others->exists()) {
            throw Refused::because('role', 'refused.a-household-keeps-an-owner');
        }
    }
}
