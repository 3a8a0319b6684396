<div class="found" id="found" role="status">
    @if ($found->groups === [] && $sought !== '')<p class="soft">{{ __('find.nothing', ['q' => $sought]) }}</p>@endif
    @foreach ($found->groups as $group => $rows)
        <h2>{{ __("find.groups.{$group}") }}</h2>
        <ul class="found-list">
            @foreach ($rows as $row)
                <li><a href="{{ $row['url'] }}">{{ $row['words'] }} <span class="soft">{{ $row['beside'] }}</span></a></li>
            @endforeach
        </ul>
    @endforeach
</div>
