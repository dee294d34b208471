@php $layout = app()->bound(App\Models\Household::class) && App\Models\Kitchen::query()->exists() ? 'place' : 'bare'; @endphp
<x-dynamic-component :component="'layouts.'.$layout" title="Not taken" place="none">
    <div class="page">
        <h1>Not taken</h1>
        <p class="lead">{{ $message }}</p>
        <p><a href="{{ url()->previous() }}">Back</a></p>
    </div>
</x-dynamic-component>
