@php($days = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'])
<x-layouts.app title="Shop">
<div class="page">
    <header class="page-head"><h1>{{ $shop->name }}, {{ $shop->town }}</h1></header>
    <form method="post" action="{{ route('shop.update') }}" novalidate>
        @csrf @method('PUT')
        @if ($errors->any())<p class="finding is-stop" role="alert"><b>Not kept yet.</b> Some fields need another look; nothing typed is lost.</p>@endif
        <fieldset class="card"><legend>Week: hands and air</legend>
            <p class="soft">Times like 08:00; leave a span empty where nobody works.</p>
            <div class="table-scroll" tabindex="0" role="group" aria-label="Week; scroll sideways">
            <table class="week num"><thead><tr><th scope="col">Day</th><th scope="col">Hands from</th><th scope="col">until</th><th scope="col">and from</th><th scope="col">until</th><th scope="col">Coldest °C</th><th scope="col">at</th><th scope="col">Warmest °C</th><th scope="col">at</th></tr></thead><tbody>
            @foreach ($days as $d => $day)
                <tr><th scope="row">{{ $day }}</th>
                @foreach ([0, 1] as $i)@foreach ([0, 1] as $j)
                    @php($name = "hours.{$d}.{$i}.{$j}")
                    <td><input inputmode="numeric" maxlength="5" class="short" aria-label="{{ $day }}, span {{ $i + 1 }}, {{ $j ? 'until' : 'from' }}" name="hours[{{ $d }}][{{ $i }}][{{ $j }}]" value="{{ old($name, $shop->working_hours[$d][$i][$j] ?? '') }}" @if ($errors->has($name)) aria-invalid="true" @endif></td>
                @endforeach @endforeach
                @foreach (['coldest_c' => 'coldest', 'coldest_at' => 'time of the coldest', 'warmest_c' => 'warmest', 'warmest_at' => 'time of the warmest'] as $f => $label)
                    @php($name = "air.{$d}.{$f}")
                    <td><input inputmode="{{ str_ends_with($f, '_at') ? 'numeric' : 'decimal' }}" class="short" aria-label="{{ $day }}, {{ $label }}" name="air[{{ $d }}][{{ $f }}]" value="{{ old($name, $shop->day_curves[$d][$f] ?? '') }}" @if ($errors->has($name)) aria-invalid="true" @endif></td>
                @endforeach
                </tr>
                @foreach ([...$errors->get("hours.{$d}.*"), ...$errors->get("air.{$d}.*")] as $messages)<tr><td colspan="9" class="more"><strong>{{ $day }}: {{ $messages[0] }}</strong></td></tr>@endforeach
            @endforeach
            </tbody></table>
            </div>
        </fieldset>
        <fieldset class="card"><legend>Typed points</legend>
            <p class="soft">Where more is known than the day curve: between the first and the last point only these hold.</p>
            @if (count($shop->typed_air) > 12)<p>{{ count($shop->typed_air) }} points stand, more than are typed by hand. <a href="{{ route('air') }}">See the air</a>.</p>@else
            <div class="sheet-rows">
            @for ($i = 0; $i < max(3, count($shop->typed_air) + 1); $i++)
                <x-field :name="'typed['.$i.'][at]'" :label="'Point '.($i + 1)" type="datetime-local" :value="isset($shop->typed_air[$i]) ? str_replace(' ', 'T', $shop->typed_air[$i]['at']) : null" />
                <x-field :name="'typed['.$i.'][c]'" label="air" unit="°C" type="number" :value="$shop->typed_air[$i]['c'] ?? null" />
            @endfor
            </div>
            @endif
        </fieldset>
        <fieldset class="card"><legend>Bench</legend><div class="grid-3">
            <x-field name="cup_loss_g" label="Left in cup and brush" unit="g a coat" type="number" :value="$shop->cup_loss_g" />
            <x-field name="scale_step_g" label="Step of the scale" unit="g" type="number" :value="$shop->scale_step_g" />
            <x-field name="target_percent" label="Burn-through allowed" unit="% of a show zone" type="number" :value="round(100 * $shop->target_burn_through, 3)" />
        </div></fieldset>
        <p class="form-foot"><button class="btn go">Keep</button></p>
    </form>
</div>
</x-layouts.app>
