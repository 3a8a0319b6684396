<svg width="18" height="16" viewBox="0 0 18 16" aria-hidden="true">
    <path d="M9 1 L17 15 H1Z" class="caution-sign"/><path d="M9 6v4M9 12v1.4" class="caution-stroke"/></svg>
