<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Invitation;
use App\Models\Member;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** In by a name and a passphrase, or by an invitation; and out again. */
final class SignInController
{
    private const TRIES = 5;

    /** After five wrong tries each further one waits so long, s. */
    private const WAIT_S = 60;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function show(): View|RedirectResponse
    {
        return Auth::check() ? redirect()->route('shelf') : view('people.sign-in');
    }

    public function try(Request $request): RedirectResponse
    {
        $said = Fields::ofForm($request->only('name', 'passphrase'));
        [$name, $passphrase] = [trim($said->text('name')), $said->text('passphrase')];
        $key = 'sign-in:'.hash('sha256', Str::lower($name)).':'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw Refused::because('passphrase', 'refused.too-many-tries', seconds: RateLimiter::availableIn($key));
        }
        // Laravel's guard gives the session a new id: one that was planted before is worth nothing.
        $called = Member::called($name)->name ?? $name;
        if (! Auth::attempt(['name' => $called, 'password' => $passphrase])) {
            RateLimiter::hit($key, self::WAIT_S);
            throw Refused::because('passphrase', 'refused.no-such-name-and-passphrase');
        }
        RateLimiter::clear($key);

        return redirect()->intended(route('shelf'));
    }

    public function out(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        // Nothing of one is kept for the next who takes this phone.
        return redirect()->route('sign-in')->withHeaders(['Clear-Site-Data' => '"cache", "storage"']);
    }

    public function invited(string $token): View
    {
        return view('people.join', [
            'token' => $token, 'holds' => Invitation::open($token, $this->clock->now()) !== null,
        ]);
    }

    public function join(Request $request, string $token): RedirectResponse
    {
        $invitation = Invitation::open($token, $this->clock->now());
        $member = $invitation?->take(
            Fields::ofForm($request->only('name', 'passphrase', 'again')), $this->clock->now(),
        );
        if (! $member instanceof Member) {
            return redirect()->route('join', $token);
        }
        Auth::login($member);

        return redirect()->route('shelf');
    }
}
