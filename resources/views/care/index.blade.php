<x-layouts.place title="Care" place="care">
    <div class="page care">
        <h1>Care</h1>
        <p class="lead">The usual public food-safety advice, as Orbek shows it at the steps. Local rules and the makers' instructions come
            first; a computed temperature is never proof of safety.</p>
        <ul>
            @foreach (Orbek\Core\Care\Caution::cases() as $caution)
                <li><x-caution :$caution /></li>
            @endforeach
        </ul>
    </div>
</x-layouts.place>
