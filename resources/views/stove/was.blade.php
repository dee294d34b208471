@isset($was[$index])<span class="was">{{ $t('pages/stove.changed-before-2', index: $say->amount($was[$index])) }}</span>@endisset
