@props(['finding'])
@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@php($said = $sentences->finding($finding))
<li class="finding is-{{ $finding->severity->value }}"><b>{{ ['refuse' => 'Not this way', 'warn' => 'Mind', 'note' => 'Note'][$finding->severity->value] }}</b> {{ $said['what'] }} <span>{{ $said['tip'] }}</span></li>
