{{-- Shows what each field of the page is; remembered by the device. Whoever listens is told at each field anyway. --}}
<label class="tick explain"><input type="checkbox" data-explain> {{ __('help.explain') }}</label>
