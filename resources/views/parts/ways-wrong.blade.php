<section class="answer ways" id="ways" aria-live="polite">
    <p class="finding is-stop" role="alert">{{ $message }}</p>
</section>
