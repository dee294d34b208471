{{-- A bag's test boil by photographs: three over minutes; each teaches as soon as it is read. --}}
<h2 id="glass">{{ $t('pages/glass.test-by-glass') }}</h2>
<p>{{ $t('pages/glass.three-photographs') }}</p>
@include('glass.how')
<form method="post" action="{{ route('lot.glass', $bag->id) }}" enctype="multipart/form-data" class="plain photograph-form" x-data="glass"
    data-bag="{{ $bag->id }}" data-then="again">
    @csrf
    <div class="pair">
        <label>{{ $t('pages/kitchen.soaked-min') }} <input name="soak_min" type="number" min="0" max="2880" value="30" required></label>
        <label>{{ $t('pages/kitchen.at-2', reading: $say->reading()->degrees->sign()) }} <input name="soak_c" type="number"
            min="{{ round($say->reading()->degrees(0)) }}" max="{{ round($say->reading()->degrees(60)) }}" value="{{
            round($say->reading()->degrees(20)) }}" required></label>
    </div>
    <input type="hidden" name="shows" value="glass"><input type="hidden" name="began" x-bind:value="began"><input type="hidden" name="test"
        x-bind:value="test">
    <p><button type="button" class="act" x-show="isIdle" x-on:click="start()">{{ $t('pages/glass.the-rice-is-in') }}</button>
        <span x-show="isRunning"><strong class="count-up" x-text="since" aria-live="off"></strong> {{ $t('pages/glass.in-the-boil') }}
        <button type="button" class="small-button" x-on:click="stop()">{{ $t('pages/glass.begin-again') }}</button></span></p>
    <label x-show="isRunning">{{ $t('pages/glass.photograph-of-the-grains') }} <input name="picture" type="file" accept="image/*"
        data-sends></label>
    <output data-kept aria-live="polite"></output>
</form>
<div class="glasses">@foreach ($glasses as $photograph)@include('glass.seen')@endforeach</div>
