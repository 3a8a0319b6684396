@inject('format', 'App\Words\Formatter')
@php($weeks = App\Inspection\Habits::WEEKS)
<x-layouts.app :title="__('inspect.habits')">
<div class="page habits">
    <h1>{{ __('inspect.habits') }}</h1>
    @if ($rows === [])
        <section class="card calm"><p>{{ __('inspect.habits_none') }}</p></section>
    @else
        <section class="card answer-line is-one_more" aria-labelledby="save-head">
            <div>
                <h2 id="save-head">{{ trans_choice('inspect.habits_save', $rows[0]['n'], [
                    'habit' => $format->word('habit', $rows[0]['habit']), 'n' => $rows[0]['n'],
                    'hands' => $format->span($rows[0]['handsMin']), 'grams' => $format->grams($rows[0]['grams']),
                    'days' => $format->span($rows[0]['laterMin']),
                ]) }}</h2>
                <p>{{ $most($rows[0]) }}@if ($prevents = $prevent($rows[0])) <b>{{ __('inspect.next_time') }}:</b> {{ $prevents }}@endif</p>
            </div>
        </section>
        <section class="card" aria-labelledby="chart-head">
            <h2 id="chart-head">{{ __('inspect.habits_title', ['n' => $weeks]) }}</h2>
            <svg viewBox="0 0 {{ $chart->width() }} {{ $chart->height() }}" role="img" class="habit-chart"
                aria-labelledby="habit-title habit-desc">
                <title id="habit-title">{{ __('inspect.habits_title', ['n' => $weeks]) }}</title>
                <desc id="habit-desc">{{ __('inspect.habits_text') }}</desc>
                @foreach ($chart->rows as $row)
                    <path d="M{{ App\View\Drawing\HabitChart::LEFT }} {{ $row['y'] + 45 }}H{{ $chart->width() }}" class="tick-line"/>
                    <text x="{{ App\View\Drawing\HabitChart::LEFT - 10 }}" y="{{ $row['y'] + 28 }}" text-anchor="end" class="zone-name">{{
                        $format->word(...explode('.', $row['cause'])) }}</text>
                    @foreach ($row['cells'] as $cell)
                        @continue($cell['n'] === 0)
                        <rect x="{{ $cell['x'] }}" y="{{ $cell['y'] }}" width="{{ $cell['side'] }}" height="{{ $cell['side'] }}"
                            class="habit-cell"/>
                        <text x="{{ $cell['x'] + $cell['side'] / 2 }}" y="{{ $cell['y'] + $cell['side'] / 2 + 5 }}"
                            text-anchor="middle" class="habit-n">{{ $cell['n'] }}</text>
                    @endforeach
                @endforeach
                @foreach ($chart->weeks as $w => $day)
                    @continue($w % 2 === 1)
                    <text x="{{ $chart->weekX($w) }}" y="{{ $chart->height() - 8 }}" text-anchor="middle" class="axis">{{ $day }}</text>
                @endforeach
            </svg>
            <x-table :columns="__('inspect.habits_columns')" :scroll="__('inspect.habits')">
                @foreach ($rows as $row)
                    <tr>
                        <th scope="row">{{ $format->word('habit', $row['habit']) }}</th>
                        <td>{{ $row['n'] }}</td>
                        <td>{{ $format->span($row['handsMin']) }}</td>
                        <td>{{ $format->grams($row['grams']) }}</td>
                        <td>{{ number_format($row['laterMin'] / 1440, 1) }}</td>
                        <td>{{ $most($row) }}</td>
                    </tr>
                @endforeach
            </x-table>
            <x-why :what="__('inspect.habits')"><p>{{ __('inspect.habits_why') }}</p></x-why>
        </section>
    @endif
</div>
</x-layouts.app>
