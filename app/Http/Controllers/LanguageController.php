<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Member;
use App\Wording\Language;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** What whoever reads wants to read in, whatever the household has chosen. */
final class LanguageController
{
    /** @throws Refused naming the field */
    public function choose(Request $request): RedirectResponse
    {
        $language = Language::chosen(Fields::ofForm($request->all()), 'language');
        $member = Auth::user();
        if ($member instanceof Member) {
            $member->update(['language' => $language]);
        } else {
            $request->session()->put('language', $language);
        }

        return back();
    }
}
