<x-layouts.place :title="$t('pages/begin.the-demo-kitchen')" place="kitchen">
    <div class="page">
        <h1>{{ $t('pages/begin.take-the-demo-kitchen-away') }}</h1>
        <p class="lead">{{ $t('pages/begin.goes-with-its-dishes-its-cooks', demo: $demo->name) }}</p>
        <form method="post" action="{{ route('demo.away') }}">@csrf<button name="sure" value="1" class="act">{{
            $t('pages/begin.take-it-away') }}</button> <a
            href="{{ route('kitchen') }}">{{ $t('pages/begin.leave-it') }}</a></form>
    </div>
</x-layouts.place>
