<details class="card line-fold" @error('materials') open @enderror>
    <summary><h2>{{ __('stock.file.title') }}</h2></summary>
    <p><a href="{{ route('shelf.json') }}">{{ __('stock.file.json') }}</a> · <a href="{{ route('shelf.schema') }}">{{
        __('stock.file.schema') }}</a> · {{ __('stock.file.csv') }}
        @foreach ($kinds as $name => $kind)<a
            href="{{ route('shelf.csv', $name) }}">{{ $kind::heading() }}</a>@if (! $loop->last), @endif @endforeach
    </p>
    @can('own', App\Models\Shop::class)
        <form method="post" action="{{ route('shelf.import') }}" enctype="multipart/form-data" class="row-fields">
            @marks
            <div @class(['field', 'is-wrong' => $errors->has('materials')])>
                <label for="materials">{{ __('stock.file.in') }}</label>
                <input id="materials" type="file" name="materials" required accept=".json,.csv"
                    @error('materials') aria-invalid="true" aria-describedby="materials-more" @enderror>
                <p id="materials-more" class="more">@error('materials')<strong>{{ $message }}</strong> @enderror{{
                    __('stock.file.what') }}</p>
            </div>
            <button class="btn">{{ __('stock.file.do') }}</button>
        </form>
    @endcan
</details>
