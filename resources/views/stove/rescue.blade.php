<h2>{{ Str::ucfirst($complaint->label()) }}</h2>
@foreach ($says as $line)<p>{{ $line }}</p>@endforeach
