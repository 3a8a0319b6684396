@inject('format', 'App\Words\Formatter')
<select id="{{ $id }}" name="days_ago" aria-label="{{ __('bench.which_day') }}">
    @foreach ($format->daysAgo(7) as $ago => $day)<option value="{{ $ago }}">{{ $day }}</option>@endforeach
</select>
