@inject('format', 'App\Words\Formatter')
<div id="zones" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <input type="hidden" name="zones_typed" value="{{ $typed ? 1 : 0 }}">
    @error('zones')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @if ($rows === [])
        <p class="soft">{{ __('zones.from_sizes') }}</p>
    @else
        <div class="table-scroll" tabindex="0" role="group" aria-label="{{ __('zones.scroll') }}">
        <table class="zones num">
            <thead>
                <tr>
                    @foreach (__('zones.columns') as $name)
                        <th scope="col">{{ strtr($name, [':unit' => $unit, ':area' => $unit === 'in' ? 'in²' : 'cm²']) }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
            @foreach ($rows as $i => $row)
                @include($typed ? 'parts.zone-typed' : 'parts.zone-shown')
            @endforeach
            </tbody>
        </table>
        </div>
    @endif
    <p class="zone-acts">
        @if ($typed)
            <x-zone-act name="zones_add" hx-sync="this:drop">{{ __('zones.add') }}</x-zone-act>
            @if (($shape ?? '') !== 'faces')
                <x-zone-act name="zones_from_shape" data-zones-typed="0">{{ __('zones.from_shape') }}</x-zone-act>
            @endif
        @elseif ($rows !== [])
            <x-zone-act name="zones_edit" data-zones-typed="1">{{ __('zones.edit') }}</x-zone-act>
        @endif
    </p>
</div>
