@props(['ingredients'])
@if (count($ingredients) > 0)
    <ul class="amounts">
        @foreach ($ingredients as $ingredient)
            <li><x-figure :figure="$ingredient->amount" /> {{ $ingredient->name }}@if ($ingredient->toBuy !== null)<span class="small">{{
                $t('pages/layout.bought-as') }} <x-figure :figure="$ingredient->toBuy" /> {{ $ingredient->shopName() }}</span>@endif</li>
        @endforeach
    </ul>
@endif
