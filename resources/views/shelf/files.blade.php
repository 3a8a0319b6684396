<section class="card" aria-labelledby="files-title">
    <h2 id="files-title">{{ __('stock.sheet_file.title') }}</h2>
    <ul class="plain-list">
        @foreach ($files as $file)<li><a href="{{ route('sheet-files.show', $file) }}">{{ $file->name }}</a>
            <span class="soft">{{ $file->kept_at->format('j M Y') }}</span></li>@endforeach
    </ul>
    @can('own', App\Models\Shop::class)
        <form method="post" action="{{ route('sheet-files.store', [$kind::NAME, $item->id]) }}" enctype="multipart/form-data"
            class="row-fields">
            @marks
            <div @class(['field', 'is-wrong' => $errors->has('sheet_file')])>
                <label for="sheet-file">{{ __('stock.sheet_file.add') }}</label>
                <input id="sheet-file" type="file" name="sheet_file" required accept=".pdf,.txt,image/*"
                    @error('sheet_file') aria-invalid="true" aria-describedby="sheet-file-more" @enderror>
                <p id="sheet-file-more" class="more">@error('sheet_file')<strong>{{ $message }}</strong> @enderror{{
                    __('stock.sheet_file.what') }}</p>
            </div>
            <button class="btn">{{ __('stock.do') }}</button>
        </form>
    @endcan
</section>
