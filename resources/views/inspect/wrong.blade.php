<section class="card" id="wrong" aria-labelledby="wrong-head">
    <h2 id="wrong-head">{{ __('inspect.wrong') }}</h2>
    <p class="soft">{{ __('inspect.wrong_what') }}</p>
    <form method="post" action="{{ route('inspect.wrong', $part) }}" class="row-fields">
        @marks
        <x-pick name="mishap" label="{{ __('inspect.form.defect') }}" :choices="$page->mishapNames()" id="f-mishap" />
        <button class="btn">{{ __('inspect.form.keep') }}</button>
    </form>
</section>
