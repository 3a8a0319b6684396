@inject('format', 'App\Words\Formatter')
@php($words = fn (string $group, array $cases): array => collect($cases)->mapWithKeys(fn ($c) => [$c->value => $format->word($group, $c->value)])->all())
@php($shape = App\View\Old::of('shape', $part?->shape ?? 'bent_panel'))
@php($unit = App\View\Old::of('unit', $part?->unit ?? 'mm'))
@php($typed = (bool) old('zones_typed', $part?->zones_typed ?? false) || $shape === 'faces')
<x-layouts.app :title="$part ? 'Change '.$part->name : 'New part'">
<form class="new-part" method="post" action="{{ $part ? route('parts.update', $part) : route('parts.store') }}" novalidate
    hx-post="{{ route('parts.answer') }}" hx-trigger="input changed delay:350ms, change delay:80ms, load" hx-target="#answer" hx-swap="outerHTML" hx-sync="this:replace">
    @marks
    @if ($part)@method('PUT')<input type="hidden" name="editing" value="{{ $part->id }}">@endif
    <div class="ask">
        <header class="page-head"><h1>{{ $part ? 'Change the brief' : 'New part' }}</h1></header>
        @if ($errors->any())<p class="finding is-stop" role="alert"><b>Not kept yet.</b> {{ count($errors->all()) === 1 ? 'One field needs another look.' : count($errors->all()).' fields need another look.' }} <span>Nothing typed is lost.</span></p>@endif
        <fieldset class="card"><legend>Part</legend>
            <div class="grid-3">
                <x-field name="name" label="Name" :value="$part?->name" class="span-2" maxlength="60" required />
                <x-pick name="letter" label="Letter tag" :choices="array_combine($letters, $letters)" :value="$part?->letter ?? ($letters[0] ?? 'A')" />
                <x-pick name="substrate" label="Made of" :choices="$words('substrate', OakGloss\Material\Substrate::cases())" :value="$part?->substrate ?? 'abs'" />
                <x-pick name="tone" label="Colour" :choices="$words('tone', OakGloss\Material\Tone::cases())" :value="$part?->tone ?? 'black'" />
                <label class="tick"><input type="checkbox" name="primed" value="1" @checked(old('primed', $part?->primed))> comes primed or sealed <small>metal, wood</small></label>
            </div>
        </fieldset>
        <fieldset class="card"><legend>Size</legend>
            <div class="grid-3">
                <x-pick name="shape" label="Nearest shape" :choices="collect(App\Planning\Shapes::SIZES)->map(fn ($s, $k) => $format->word('shape', $k))->all()" :value="$shape" class="span-2" />
                <x-pick name="unit" label="Unit" :choices="['mm' => 'mm', 'in' => 'inches']" :value="$unit" />
            </div>
            @include('parts.sizes', ['sizes' => App\View\Old::list('sizes', $part?->sizes ?? [])])
            @error('sizes')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            <div class="grid-3">
                <x-field name="wrap_mm" label="Wrap under the rim" unit="mm" type="number" :value="$part?->wrap_mm ?? 30" />
                <x-field name="holes" label="Holes to drill" type="number" :value="$part?->holes ?? 0" />
            </div>
        </fieldset>
        <fieldset class="card"><legend>Zones</legend>
            @include('parts.zones', ['rows' => $zoneRows, 'typed' => $typed, 'unit' => $unit])
        </fieldset>
        <fieldset class="card"><legend>Finish and life</legend>
            <div class="grid-3">
                <x-pick name="finish" label="Finish" :choices="$words('finish', OakGloss\Optics\Finish::cases())" :value="$part?->finish ?? 'gloss'" />
                <x-pick name="top" label="Surface" :choices="$words('top', OakGloss\Method\Top::cases())" :value="$part?->top ?? 'clear'" />
                <x-pick name="print_through" label="Before the last flatting" :choices="$words('print_through', OakGloss\Method\PrintThrough::cases())" :value="$part?->print_through ?? auth()->user()->shop->print_through" />
                <x-field name="needed_by" label="Needed by" type="datetime-local" :value="$part?->needed_by?->setTimezone($part->shop->zone)->format('Y-m-d\TH:i')" />
                <x-pick name="priority" label="On the run sheet" :choices="['low' => $format->word('priority', 'low'), 'normal' => $format->word('priority', 'normal'), 'high' => $format->word('priority', 'high')]" :value="$part->priority ?? 'normal'" />
            </div>
            <div class="ticks"><span>It will see</span>
                @foreach (['sun', 'heat', 'wear'] as $life)<label class="tick"><input type="checkbox" name="{{ $life }}" value="1" @checked(old($life, $part?->$life))> {{ $life }}</label>@endforeach
            </div>
        </fieldset>
        <fieldset class="card"><legend>With what</legend>
            <div class="grid-3">
                <x-pick name="cloth_id" label="Cloth" :choices="$cloths->pluck('name', 'id')->all()" :value="$latest?->cloth_id" />
                <x-pick name="base_resin_id" label="Base resin" :choices="$resins->pluck('name', 'id')->all()" :value="$latest?->base_resin_id" />
                <x-pick name="clear_resin_id" label="Resin over the cloth" :choices="$resins->pluck('name', 'id')->all()" :value="$latest?->clear_resin_id" />
                <x-pick name="backing" label="Base coat" :choices="$words('backing', OakGloss\Material\Backing::cases())" :value="$part?->backing ?? 'black'" />
                <x-pick name="clear_id" label="Clear" :choices="$clears[0]->pluck('name', 'id')->all()" :value="$part ? $part->clear_id : ($latest?->clear?->sheen === 'gloss' ? $latest->clear_id : $clears[0]->firstWhere('sheen', 'gloss')?->id)" empty="none" />
                <x-pick name="filler_id" label="Filler clear first" :choices="$clears[1]->pluck('name', 'id')->all()" :value="$part?->filler_id" empty="none" />
                <x-pick name="finish_coats" label="Finish coats" :choices="array_combine(range(1, max(2, $part->finish_coats ?? 1)), range(1, max(2, $part->finish_coats ?? 1)))" :value="$part?->finish_coats ?? 1" />
                <x-pick name="stripes" label="Masked lines under clear" :choices="[0 => 'none', 1 => '1', 2 => '2', 3 => '3', 4 => '4']" :value="$part?->stripes ?? 0" />
                <x-pick name="wet_out" label="Wet-out" :choices="$words('wet_out', OakGloss\Method\WetOut::cases())" :value="$part?->wet_out ?? 'on_set_base'" />
                <x-pick name="after_wet_out" label="After the wet-out" :choices="$words('after_wet_out', OakGloss\Method\AfterWetOut::cases())" :value="$part?->after_wet_out ?? 'cure_then_key'" class="span-2" />
            </div>
        </fieldset>
        <p class="form-foot"><button class="btn go">{{ $part ? 'Keep the brief' : 'Plan this part' }}</button> <a class="btn quiet" href="{{ $part ? route('parts.show', $part) : route('parts.index') }}">{{ $part ? 'Back' : 'Not now' }}</a></p>
    </div>
    @include('parts.answer')
</form>
</x-layouts.app>
