<x-layouts.app :title="$item->exists ? $item->name : 'New '.$kind::SINGULAR">
<div class="page shelf-form">
    <header class="page-head"><h1>{{ $item->exists ? $item->name : 'New '.$kind::SINGULAR }}</h1><a class="btn quiet" href="{{ route('shelf') }}">Back to the shelf</a></header>
    <div @class(['split' => $curve])>
    <form method="post" action="{{ $item->exists ? route('shelf.update', [$kind::NAME, $item->id]) : route('shelf.store', $kind::NAME) }}" novalidate>
        @marks
        <fieldset class="reads" @cannot('own', App\Models\Shop::class) disabled @endcannot>
        @if ($item->exists)@method('PUT')@endif
        @if ($errors->any())<p class="finding is-stop" role="alert"><b>Not kept yet.</b> {{ $errors->count() === 1 ? 'One field needs' : $errors->count().' fields need' }} another look.</p>@endif
        <section class="card"><x-field name="name" label="Name" :value="$item->name" maxlength="80" /></section>
        @if ($kind::NAME === 'resins')
        <fieldset class="card"><legend>Rows of the sheet: time to tack</legend>
            @error('sheet')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            <p class="soft">Two or more temperatures let the app fit how warmth hastens this resin.</p>
            <div class="sheet-rows">
            @for ($i = 0; $i < 5; $i++)
                <x-field :name="'sheet['.$i.'][c]'" :label="'Row '.($i + 1)" unit="°C" type="number" :value="$item->sheet[$i]['c'] ?? null" />
                <x-field :name="'sheet['.$i.'][minutes]'" label="until tack" unit="min" type="number" :value="$item->sheet[$i]['minutes'] ?? null" />
            @endfor
            </div>
        </fieldset>
        @endif
        @foreach ($kind->groups() as $title => $fields)
        <fieldset class="card"><legend>{{ $title }}</legend><div class="grid-3">
            @foreach ($fields as $field)
                @if ($field->type === 'choice')<x-pick :name="$field->name" :label="$field->label" :choices="$field->choices" :value="$item->{$field->name} ?? null" />
                @elseif ($field->type === 'flag')<label class="tick"><input type="checkbox" name="{{ $field->name }}" value="1" @checked(old($field->name, $item->{$field->name} ?? false))> {{ $field->label }}</label>
                @else<x-field :name="$field->name" :label="$field->label" :unit="$field->unit" type="number" :value="$item->{$field->name} ?? null" :hint="$field->hint ?: null" />@endif
            @endforeach
        </div></fieldset>
        @endforeach
        @can('own', App\Models\Shop::class)<p class="form-foot"><button class="btn go">Keep</button></p>@endcan
        </fieldset>
        @if ($item->exists)<p class="soft">A change is kept as a new sheet: parts already begun stay with the one they were begun with.</p>@endif
    </form>
    @if ($curve)<div>@include('shelf.pace')<section class="card curve-card" aria-label="Time against temperature"><h2>Time against temperature</h2><x-drawing.sheet-curve :curve="$curve" :resin="$resin" /></section></div>@endif
    </div>
</div>
</x-layouts.app>
