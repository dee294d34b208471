{{-- A sentence of lang/ with words to change in it: each slot stands where the message has its name, in its own order. --}}@props([
    'says', 'given' => []])@php($slots = collect($__laravel_slots)->except('__default')->map(fn ($slot) => $say->inLine($slot)))@php(
    $said = $th($says, ...$given, ...$slots->all())){{ $said }}