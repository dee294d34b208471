<x-layouts.place title="The demo kitchen" place="kitchen">
    <div class="page">
        <h1>Take the demo kitchen away?</h1>
        <p class="lead">{{ $demo->name }} goes with its dishes, its cooks and what they taught. Your own kitchen stays.</p>
        <form method="post" action="{{ route('demo.away') }}">@csrf<button name="sure" value="1" class="act">Take it away</button> <a
            href="{{ route('kitchen') }}">Leave it</a></form>
    </div>
</x-layouts.place>
