{{-- Far too much is in it: poured back before hardener, outside after it; never filled up. --}}
@if ($page->isHardened())
    <h1 id="pour-title">{{ __('weigh.bin_it') }}</h1>
    <form method="post" action="{{ route('inspect.wrong', $part) }}" class="row-fields">
        @marks
        <input type="hidden" name="mishap" value="cup_binned">
        <input type="hidden" name="because" value="{{ __('weigh.far_too_much') }}">
        <button class="btn is-stop">{{ __('weigh.bin') }}</button>
    </form>
    <x-cautions :step="$cup->step->step" />
@else
    <h1 id="pour-title">{{ __('weigh.pour_it_back') }}</h1>
    <form method="post" action="{{ route('weigh.store', [$part, $page->key]) }}" class="pour-form">
        @marks
        <input type="hidden" name="component" value="{{ $pour->resinG > 0 ? 'resin' : 'hardener' }}">
        <input type="hidden" name="left" value="1">
        <input type="hidden" name="measured[{{ $typed }}]" value="{{ $grams['sent'] }}">
        <div @class(['field', 'is-wrong' => $errors->has('grams')])>
            <label for="grams">{{ __('weigh.left_in_cup') }}<span class="unit">{{ $grams['unit'] }}</span></label>
            <input id="grams" class="num" name="{{ $typed }}" autocomplete="off" required inputmode="decimal"
                value="{{ App\View\OldInput::of($typed) }}">
            @error('grams')<p id="grams-more" class="more"><strong>{{ $message }}</strong></p>@enderror
        </div>
        <button class="btn go">{{ __('weigh.poured_back') }}</button>
    </form>
    <x-sure field="grams" />
@endif
