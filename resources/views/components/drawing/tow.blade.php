<defs>
    <pattern id="tow" width="16" height="16" patternUnits="userSpaceOnUse" patternTransform="rotate(28)">
        <rect width="16" height="16" class="tow-ground"/><path d="M0 4H16M0 12H16" class="tow-line"/>
    </pattern>
</defs>
