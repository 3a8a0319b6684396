<div id="drawn" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($drawing = App\View\Drawing\ShapeDrawing::of($shape, $sizes))<x-drawing.shape :drawing="$drawing" :shape="$shape" />@endif
</div>
