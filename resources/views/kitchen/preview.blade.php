<x-layouts.place :title="$t('pages/kitchen.a-kitchen-from-a-file')" place="kitchen">
    <div class="page">
        <h1>{{ $other->name }}</h1>
        <p class="lead">{{ $t('pages/kitchen.so-it-would-be-nothing') }}</p>
        @if ($older)<p>{{ $t('pages/kitchen.the-file-is-of-an-older') }}</p>@endif
        <x-drawing.kitchen :home="$other" />
        <p>{{ $t('pages/kitchen.of-rice-m-above-the-sea', bags: count($other->pantry->bags), altitudeM: round($other->site->altitudeM))
            }}</p>
        <form method="post" action="{{ route('kitchens.import') }}">@csrf
            <input type="hidden" name="document" value="{{ json_encode($other->toArray(), JSON_UNESCAPED_UNICODE |
                JSON_PRESERVE_ZERO_FRACTION) }}">
            <button class="act">{{ $t('pages/kitchen.keep-it-beside-the-others') }}</button> <a href="{{ route('kitchen') }}">{{
                $t('pages/kitchen.leave-it') }}</a>
        </form>
    </div>
</x-layouts.place>
