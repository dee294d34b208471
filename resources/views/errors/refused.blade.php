<x-dynamic-component :component="app()->bound(App\Models\Household::class) && App\Models\Kitchen::query()->exists() ? 'layouts.place' :
    'layouts.bare'" :title="$t('pages/errors.not-taken')" place="none">
    <div class="page">
        <h1>{{ $t('pages/errors.not-taken') }}</h1>
        <p class="lead">{{ $message }}</p>
        <p><a href="{{ url()->previous() }}" data-back>{{ $t('pages/errors.back') }}</a></p>
    </div>
</x-dynamic-component>
