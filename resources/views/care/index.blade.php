<x-layouts.place :title="$t('pages/care.care')" place="care">
    <div class="page care">
        <h1>{{ $t('pages/care.care') }}</h1>
        <p class="lead">{{ $t('pages/care.the-usual-public-food-safety-advice') }}</p>
        <ul>
            @foreach (Orbek\Core\Care\Caution::cases() as $caution)
                <li><x-caution :$caution /></li>
            @endforeach
        </ul>
    </div>
</x-layouts.place>
