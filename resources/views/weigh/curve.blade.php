@php($curve = App\View\Drawing\CupCurve::of($cup))
<details class="card cup-ways" @if ($cup->heat()->isHot()) open @endif>
    <summary>{{ __('weigh.curve.title') }}</summary>
    <x-drawing.cup-curve :curve="$curve" />
    <p class="soft">{{ __('weigh.curve.key') }}</p>
    <x-table :columns="__('weigh.curve.columns')" :scroll="__('weigh.curve.title')">
        @foreach ((new App\View\Page\CupWays($cup, $format))->all() as $way)
            <tr>
                <th scope="row">{{ $way['name'] }}</th>
                <td>{{ $way['cups'] }}</td>
                <td>{{ $way['grams'] }}</td>
                <td>{{ $way['spread'] }}</td>
                <td>{{ $way['gels'] }}</td>
                <td>{{ $way['peak'] }}</td>
                <td>{{ $way['cost'] }}</td>
            </tr>
        @endforeach
    </x-table>
    <x-why :what="__('weigh.curve.title')"><p>{{ __('weigh.curve.why') }}</p></x-why>
</details>
