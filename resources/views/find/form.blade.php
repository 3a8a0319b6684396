<form method="get" action="{{ route('find') }}" role="search" class="find-form">
    <label class="visually-hidden" for="{{ $id }}">{{ __('find.words') }}</label>
    <input id="{{ $id }}" type="text" inputmode="search" name="q" value="{{ $sought ?? '' }}" maxlength="60" autocomplete="off"
        placeholder="{{ __('find.hint') }}"
        hx-get="{{ route('find') }}" hx-trigger="input changed delay:150ms"
        hx-select="#found" hx-target="{{ $into }}" hx-sync="this:replace">
    <button class="btn">{{ __('app.find') }}</button>
</form>
