<h2>{{ $dish->name }}</h2>
<p class="clash">{{ $t('pages/shelf.it-cannot-be-cooked-here', why: $say->text($lacks->why)) }}</p>
