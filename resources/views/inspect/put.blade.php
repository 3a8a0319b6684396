<section class="card put" id="put" aria-labelledby="put-head">
    <h2 id="put-head">{{ __('inspect.found_new') }}</h2>
    <form method="post" action="{{ route('inspect.found', $part) }}" enctype="multipart/form-data" novalidate>
        @marks
        <x-pick name="defect" :label="__('inspect.form.defect')" :choices="$page->defectNames()" />
        <x-pick name="zone" :label="__('inspect.form.zone')" :choices="$page->zones()" />
        <div class="row-fields">
            <x-field name="along" :label="__('inspect.form.along')" unit="mm" type="number" :hint="__('inspect.form.where_hint')" />
            <x-field name="across" :label="__('inspect.form.across')" unit="mm" type="number" />
        </div>
        <div class="row-fields">
            <x-field name="size" :label="__('inspect.form.size')" unit="mm" type="number" />
            <x-field name="count" :label="__('inspect.form.count')" type="number" :value="1" />
            <x-field name="depth" :label="__('inspect.form.depth')" unit="µm" type="number" />
        </div>
        <x-field name="photo" :label="__('inspect.form.photo')" type="file" accept="image/jpeg,image/png,image/webp" capture="environment"
            data-shrink="{{ App\Files\PhotoFile::KEPT }}" data-quality="0.9"
            data-most="{{ 1024 * App\Files\PhotoFile::MOST_KILOBYTES }}" data-large="{{ __('inspect.photo.large') }}"
            :hint="__('inspect.form.photo_hint')" />
        <button class="btn go">{{ __('inspect.form.keep') }}</button>
    </form>
</section>
