@props(['planned', 'step'])
@inject('files', 'App\Stock\SheetFiles')
@foreach ($files->of($planned, $step) as $file)
    <p class="soft"><a href="{{ route('sheet-files.show', $file) }}">{{ __('stock.sheet_file.open', ['name' => $file->name]) }}</a></p>
@endforeach
