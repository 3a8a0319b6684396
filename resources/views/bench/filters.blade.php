{{-- A filter near its end is asked for before anybody breathes through it. --}}
@inject('filters', 'App\Bench\Filters')
@foreach ($filters->nearEnd($shop, $step) as $filter)
    <label class="tick big is-warn"><input type="checkbox" required> <span>{{ __("weigh.filter.{$filter['kind']->value}", [
        'used' => number_format($filter['usedH'], 1), 'of' => round($filter['ofH']),
    ]) }}</span></label>
@endforeach
