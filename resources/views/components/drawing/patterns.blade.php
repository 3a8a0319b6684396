{{-- Grounds that drawings against time share: hours when nobody is there, and a coat that is wet. --}}
<defs>
    <pattern id="night" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(52)">
        <rect width="9" height="9" class="night-ground"/><path d="M0 0V9" class="night-line"/>
    </pattern>
    <pattern id="wet" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" class="wet-ground"/><circle cx="3" cy="3" r="1.15" class="wet-dot"/>
    </pattern>
</defs>
