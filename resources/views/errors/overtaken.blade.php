<x-layouts.place title="Changed meanwhile" place="none">
    <div class="page narrow">
        <h1>Changed in another window meanwhile</h1>
        <p class="lead">Your change is not saved yet. It can be made now, over what is there.</p>
        <form method="post" action="{{ $url }}">
            @csrf
            @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="act">Make my change now</button>
            <a class="quiet" href="{{ $back }}">Leave it as it is</a>
        </form>
    </div>
</x-layouts.place>
