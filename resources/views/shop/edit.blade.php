@php($days = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'])
@inject('format', 'App\Words\Formatter')
@use('App\View\Old')
@php($week = array_map(fn ($row) => App\Time\DaySpans::read($row)[0], $shop->working_hours))
<x-layouts.app title="Shop">
<div class="page">
    <header class="page-head"><h1>{{ $shop->name }}, {{ $shop->town }}</h1></header>
    @include('bench.left-out', ['floor' => $floor])
    <form method="post" action="{{ route('shop.update') }}" novalidate>
        @marks @method('PUT')
        <fieldset class="reads" @cannot('own', $shop) disabled @endcannot>
        @cannot('own', $shop)<p class="soft">The shop's numbers are the owner's to change; days with other hours stand below.</p>@endcannot
        @if ($errors->any())<p class="finding is-stop" role="alert"><b>Not kept yet.</b> Some fields need another look; nothing typed is lost.</p>@endif
        <fieldset class="card"><legend>Week: hands and air</legend>
            <p class="soft">Times like 08:00; leave a span empty where nobody works. One that ends before it begins goes on past midnight.</p>
            <div class="table-scroll" tabindex="0" role="group" aria-label="Week; scroll sideways">
            <table class="week num"><thead><tr><th scope="col">Day</th><th scope="col">Hands from</th><th scope="col">until</th><th scope="col">and from</th><th scope="col">until</th><th scope="col">Coldest °C</th><th scope="col">at</th><th scope="col">Warmest °C</th><th scope="col">at</th></tr></thead><tbody>
            @foreach ($days as $d => $day)
                <tr><th scope="row">{{ $day }}</th>
                @foreach ([0, 1] as $i)@foreach ([0, 1] as $j)
                    @php($name = "hours.{$d}.{$i}.{$j}")
                    <td><input inputmode="numeric" maxlength="5" class="short" aria-label="{{ $day }}, span {{ $i + 1 }}, {{ $j ? 'until' : 'from' }}" name="hours[{{ $d }}][{{ $i }}][{{ $j }}]" value="{{ Old::of($name, isset($week[$d][$i]) ? App\Time\DaySpans::clock($week[$d][$i][$j]) : '') }}" @if ($errors->has($name)) aria-invalid="true" @endif></td>
                @endforeach @endforeach
                @foreach (['coldest_c' => 'coldest', 'coldest_at' => 'time of the coldest', 'warmest_c' => 'warmest', 'warmest_at' => 'time of the warmest'] as $f => $label)
                    @php($name = "air.{$d}.{$f}")
                    <td><input inputmode="{{ str_ends_with($f, '_at') ? 'numeric' : 'decimal' }}" class="short" aria-label="{{ $day }}, {{ $label }}" name="air[{{ $d }}][{{ $f }}]" value="{{ Old::of($name, $shop->day_curves[$d][$f] ?? '') }}" @if ($errors->has($name)) aria-invalid="true" @endif></td>
                @endforeach
                </tr>
                @foreach ([...$errors->get("hours.{$d}.*"), ...$errors->get("air.{$d}.*")] as $messages)<tr><td colspan="9" class="more"><strong>{{ $day }}: {{ $messages[0] }}</strong></td></tr>@endforeach
            @endforeach
            </tbody></table>
            </div>
        </fieldset>
        <fieldset class="card"><legend>Hands</legend>
            <p class="soft">Each is one pair of hands on the run sheet. Own hours read like 08:00-12:30, 13:15-18:00, or 22:00-02:00 past midnight; an empty day is a day off.</p>
            @error('people')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            @foreach ($people as $person)
                @php($own = old("people.{$person->id}.own", $person->hours !== null))
                <div class="person">
                    <input type="hidden" name="people[{{ $person->id }}][id]" value="{{ $person->id }}">
                    <label class="tick"><input type="checkbox" name="people[{{ $person->id }}][at_bench]" value="1" @checked(old('people') === null ? $person->at_bench : old("people.{$person->id}.at_bench"))> <b>{{ $person->name }}</b> at the bench</label>
                    <label class="tick"><input type="checkbox" name="people[{{ $person->id }}][own]" value="1" @checked($own)> own hours</label>
                    <details @if ($own) open @endif><summary>Days</summary><div class="grid-3">
                    @foreach ($days as $d => $day)<x-field :name="'people['.$person->id.'][days]['.$d.']'" :label="$day" :value="App\Words\Spans::words($person->hours[$d] ?? $shop->working_hours[$d] ?? [])" />@endforeach
                    </div></details>
                </div>
            @endforeach
        </fieldset>
        <fieldset class="card"><legend>Shared things: places</legend><div class="grid-3">
            @foreach (['booth' => 'Spray booth', 'warm_box' => 'Warm box', 'heat_lamp' => 'Heat lamp', 'heated_room' => 'Heated room', 'cool_place' => 'Cool place'] as $thing => $label)<x-field :name="'things['.$thing.']'" :label="$label" type="number" unit="parts" :value="$shop->things[$thing] ?? 0" />@endforeach
            <x-field name="cool_place_c" label="Cool place has" type="number" unit="°C" :value="$shop->cool_place_c" />
        </div></fieldset>
        <fieldset class="card"><legend>Typed points</legend>
            <p class="soft">Where more is known than the day curve: between points up to 16 hours apart only these hold.</p>
            @if (count($points) > 12)<p>{{ count($points) }} points stand, more than are typed by hand. <a href="{{ route('air') }}">See the air</a>.</p>@else
            <div class="sheet-rows">
            @for ($i = 0; $i < max(3, count($points) + 1); $i++)
                <x-field :name="'typed['.$i.'][at]'" :label="'Point '.($i + 1)" type="datetime-local" :value="isset($points[$i]) ? str_replace(' ', 'T', $points[$i]['at']) : null" />
                <x-field :name="'typed['.$i.'][c]'" label="air" unit="°C" type="number" :value="$points[$i]['c'] ?? null" />
            @endfor
            </div>
            @endif
        </fieldset>
        <fieldset class="card"><legend>Bench</legend><div class="grid-3">
            <x-field name="cup_loss_g" label="Left in cup and brush" unit="g a coat" type="number" :value="$shop->cup_loss_g" />
            <x-field name="scale_step_g" label="Step of the scale for cups" unit="g" type="number" :value="$shop->scale_step_g" />
            <x-field name="part_scale_step_g" label="Step of the scale for parts" unit="g" type="number" :value="$shop->part_scale_step_g" />
            <x-field name="calliper_step_mm" label="Step of the calliper" unit="mm" type="number" :value="$shop->calliper_step_mm" />
            <div class="field"><span id="ranges">Devices may be</span><input type="hidden" name="device_ranges" value="">
                @foreach (['private' => 'in this building\'s own network', 'loopback' => 'on this machine'] as $range => $where)<label class="check"><input type="checkbox" name="device_ranges[]" value="{{ $range }}" @checked(in_array($range, $shop->device_ranges, true))> {{ $where }}</label>@endforeach
                <p class="more">Without either, only addresses of the open net are asked.</p></div>
            <x-field name="meter_url" label="Gloss meter answers at" type="url" :value="$shop->meter_url" />
            <x-field name="unrest_min" label="Moving a part that was told another time costs" unit="min" type="number" :value="$shop->unrest_min" hint="A better plan is offered only where it gains more than this for every part that it moves." />
            <x-field name="target_percent" label="Burn-through allowed" unit="% of a show zone" type="number" :value="round(100 * $shop->target_burn_through, 3)" />
            <x-pick name="print_through" label="Before the last flatting, usually" :choices="collect(OakGloss\Method\PrintThrough::cases())->mapWithKeys(fn ($c) => [$c->value => $format->word('print_through', $c->value)])->all()" :value="$shop->print_through" hint="for new parts; each part can choose its own" />
        </div></fieldset>
        @can('own', $shop)<p class="form-foot"><button class="btn go">Keep</button></p>@endcan
        </fieldset>
    </form>
    <section class="card" aria-labelledby="exceptions-title"><h2 id="exceptions-title">Days with other hours</h2>
        <ul class="feeds">
        @forelse ($exceptions as $exception)
            <li><span class="num">{{ $format->dayOf($exception->day) }}, {{ $exception->user->name ?? 'everybody' }}: {{ App\Words\Spans::words($exception->spans) ?: 'nobody there' }}@if ($exception->because) <i>{{ $exception->because }}</i>@endif</span>
                <form method="post" action="{{ route('hours.withdraw', $exception) }}">@marks @method('DELETE')<button class="btn quiet">Withdraw</button></form></li>
        @empty<li class="soft">None ahead.</li>@endforelse
        </ul>
        <form method="post" action="{{ route('hours.store') }}" class="grid-3" novalidate>@marks
            <x-field name="day" label="Day" type="date" :value="$floor->time->local($floor->nowMin)->toDateString()" />
            <x-pick name="who" label="Whose" :choices="['' => 'everybody'] + $people->pluck('name', 'id')->all()" />
            <x-field name="spans" label="Hours" placeholder="08:00-12:30" hint="empty where nobody is there" />
            <x-field name="because" label="Because" maxlength="80" />
            <p class="form-foot"><button class="btn">Keep</button></p>
        </form>
        <div>@foreach ($people->where("at_bench", true) as $person)<form method="post" action="{{ route('hours.home', $person) }}" class="inline">@marks<button class="btn quiet">{{ $person->name }} goes home now</button></form>@endforeach</div>
    </section>
</div>
</x-layouts.app>
