{{-- A glove on the witness patch of the coat below. --}}
<details class="fold" @if ($primary) data-fold="t" @endif>
    <summary class="btn">{{ $format->label('touched') }}<x-of
        :name="$part->letter.' '.lcfirst($format->step($coat->step))" /></summary>
    <x-act :part="$part" kind="touched" :step="$coat->step->key" :to="$to" class="touches">
        <p>{{ __('bench.touch', ['coat' => lcfirst($format->step($coat->step))]) }}</p>
        @foreach (OakGloss\Cure\Touch::cases() as $touch)
            <button class="btn" name="touch" value="{{ $touch->value }}"
                >{{ $format->word('touch', $touch->value) }}
                    <small>{{ $format->word($touchSays(), $touch->value) }}</small></button>
        @endforeach
    </x-act>
</details>
