{{-- How this scale is read: a mark taken the wrong way is five times the hardener. --}}
@php($is = $page->isThrough ? App\Http\Tare::Through : App\Http\Tare::Between)
<form method="post" action="{{ route('weigh.tare') }}" class="tare">
    @marks
    <input type="hidden" name="reads" value="{{ $is->other()->value }}">
    <p><b>{{ __("weigh.tared.{$is->value}") }}</b>
        <button class="btn quiet">{{ __("weigh.tare_other.{$is->value}") }}</button></p>
</form>
