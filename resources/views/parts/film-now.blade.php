<section class="card" aria-labelledby="film-title">
    <div class="card-head">
        <h2 id="film-title">{{ __('film.now') }}</h2>
        <p class="soft">{{ __($scale->isMeasured ? 'film.by_readings' : 'film.by_model') }} · µm</p>
    </div>
    @if ($scale->rows === [])
        <p class="soft empty">{{ __('film.none') }}</p>
    @else
        <x-drawing.film-scale :scale="$scale" />
        <p class="soft">{{ __('film.key') }}</p>
        <x-table :columns="__('film.columns')" :scroll="__('film.scroll')">
            @php($flatKey = App\View\Drawing\FilmScale::flatAhead($planned->plan)?->step->key)
            @foreach ($scale->rows as $row)
                <tr>
                    <th scope="row">{{ $format->zone($row['zone']) }}</th>
                    <td><b>{{ $format->um($row['coverUm']) }}</b></td>
                    <td>± {{ $format->um(2 * $row['doubtUm']) }}</td>
                    <td>{{ $row['state']->isMeasured()
                        ? ($row['state']->offUm() < 0 ? '−' : '+').$format->um(abs($row['state']->offUm())) : '–' }}</td>
                    <td>{{ $format->um($row['textureUm']) }}</td>
                    @if ($row['flat'])
                        <td
                            @figure($part->id, "{$row['zone']->name}.left.{$flatKey}",
                                $row['flat']->left()->inMicrometres())
                        >{{ $format->um($row['flat']->left()->inMicrometres()) }}</td>
                        <td><span class="risk is-{{ $row['riskClass'] }}">{{ $format->percent($row['flat']->risk()) }}</span></td>
                    @else
                        <td>–</td><td>–</td>
                    @endif
                </tr>
            @endforeach
        </x-table>
        <x-why :what="__('film.estimate')"><p>{{ __('film.estimate_why') }}</p></x-why>
    @endif
</section>
