{{-- A stroke of paper on the coat below. --}}
<details class="fold">
    <summary class="btn">{{ __('bench.paper_check') }}<x-of
        :name="$part->letter.' '.lcfirst($format->step($coat->step))" /></summary>
    <x-act :part="$part" kind="tried" :step="$coat->step->key" :to="$to" class="touches">
        <p>{{ __('bench.try', ['coat' => lcfirst($format->step($coat->step))]) }}</p>
        @foreach (__('bench.papers') as $paper => [$what, $says])
            <button class="btn" name="paper" value="{{ $paper }}">{{ $what }} <small>{{ $says }}</small></button>
        @endforeach
    </x-act>
</details>
