<form class="languages" method="post" action="{{ route('language') }}">@csrf
    @foreach (App\Wording\Language::names() as $one => $name)
        @if ($one !== $say->language())<button name="language" value="{{ $one }}" lang="{{ $one }}">{{ $name }}</button>@endif
    @endforeach
</form>
