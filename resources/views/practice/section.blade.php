<section class="card" aria-labelledby="true-title">
    <h2 id="true-title">{{ __('practice.section') }}</h2>
    <x-drawing.practice-section :section="$section" />
    <p class="soft">{{ __('practice.section_what') }}</p>
    <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
        <x-table :columns="__('practice.section_columns')">
            @foreach ($section->zones as $z)
                <tr>
                    <th scope="row">{{ $z['name'] }}</th>
                    <td>{{ $format->um($z['least']) }}</td>
                    <td>{{ $format->um($z['mean']) }}</td>
                    <td>{{ $format->um($z['most']) }}</td>
                    <td>{{ $format->percent($play->part->burntShare($z['name'])) }}</td>
                </tr>
            @endforeach
        </x-table>
    </details>
</section>
