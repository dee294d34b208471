<p class="small">{{ $d->school->label }}: {{ $d->school->gloss }}.</p>
