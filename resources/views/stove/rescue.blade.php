<h2>{{ $say->first($say->label($complaint)) }}</h2>
@foreach ($says as $line)<p>{{ $line }}</p>@endforeach
