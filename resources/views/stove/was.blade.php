@isset($was[$index])<span class="was">changed: {{ $say->amount($was[$index]) }} before</span>@endisset
