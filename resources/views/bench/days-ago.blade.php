@inject('clock', 'App\Clock\ShopClock')
<select id="{{ $id }}" name="days_ago" aria-label="On which day">@foreach (range(0, 7) as $ago)<option value="{{ $ago }}">{{ $ago === 0 ? 'today' : ($ago === 1 ? 'yesterday' : $format->time()->local($clock->nowMin())->subDays($ago)->format('D j M')) }}</option>@endforeach</select>
