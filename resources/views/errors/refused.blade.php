<x-dynamic-component :component="app()->bound(App\Models\Household::class) && App\Models\Kitchen::query()->exists() ? 'layouts.place' :
    'layouts.bare'" title="Not taken" place="none">
    <div class="page">
        <h1>Not taken</h1>
        <p class="lead">{{ $message }}</p>
        <p><a href="{{ url()->previous() }}" data-back>Back</a></p>
    </div>
</x-dynamic-component>
