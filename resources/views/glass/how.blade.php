{{-- How grains are pressed and photographed, and what is not known of it. --}}
<ol class="how">
    <li>{{ $t('pages/glass.how-take') }}</li>
    <li>{{ $t('pages/glass.how-press') }}</li>
    <li>{{ $t('pages/glass.how-photograph') }}</li>
</ol>
<p class="small">{{ $t('pages/glass.never-checked') }}</p>
