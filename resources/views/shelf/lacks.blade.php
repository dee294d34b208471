<h2>{{ $dish->name }}</h2>
<p class="clash">It cannot be cooked here: {{ $say->text($lacks->why) }}</p>
