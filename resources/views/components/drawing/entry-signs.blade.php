{{-- A sign for each kind of entry, drawn once. --}}
<svg class="symbols" aria-hidden="true" focusable="false">
    <symbol id="sign-opening" viewBox="0 0 30 30"><circle class="ink-line" cx="15" cy="15" r="11"/>
        <path class="rim-line w-thin" d="M15 4 V26 M4 15 H26"/></symbol>
    <symbol id="sign-dose" viewBox="0 0 30 30"><path class="ink-line" d="M15 4 Q24 15 24 19 A9 9 0 0 1 6 19 Q6 15 15 4Z"/></symbol>
    <symbol id="sign-clearing" viewBox="0 0 30 30"><path class="rim-line" d="M4 11 q5.5 -5 11 0 t11 0 M4 20 q5.5 -5 11 0 t11 0"/></symbol>
    <symbol id="sign-counter" viewBox="0 0 30 30"><path class="rim-line" d="M8 6 V24 M14 6 V24 M20 6 V24 M4 20 L25 10"/></symbol>
    <symbol id="sign-meter" viewBox="0 0 30 30"><path class="rim-line" d="M4 9 H26 V21 H4Z M11 9 V21 M18.5 9 V21"/></symbol>
    <symbol id="sign-light" viewBox="0 0 30 30"><circle class="ink-line" cx="15" cy="15" r="5"/>
        <path class="ink-line" d="M15 3 V6 M15 24 V27 M3 15 H6 M24 15 H27"/></symbol>
    <symbol id="sign-symptom" viewBox="0 0 30 30"><path class="ink-line" d="M15 4 L26 15 L15 26 L4 15Z M15 10 V16 M15 20 v.4"/></symbol>
    <symbol id="sign-confirmation" viewBox="0 0 30 30"><path class="ink-line" d="M15 4 L26 15 L15 26 L4 15Z M10 15.5 L14 19 L20 11.5"/>
        </symbol>
    <symbol id="sign-fix" viewBox="0 0 30 30"><path class="ink-line"
        d="M5 25 L16 14 M13 8 Q18 2 24 6 L19 10 L21 12 L25 8 Q28 14 22 18 Q17 20 13 16 Q10 12 13 8"/></symbol>
    <symbol id="sign-snooze" viewBox="0 0 30 30"><circle class="ink-line" cx="15" cy="15" r="10.5"/>
        <path class="rim-line" d="M15 9 V15 L19 18"/></symbol>
    <symbol id="sign-away" viewBox="0 0 30 30"><path class="ink-line" d="M7 4 H19 V26 H7Z M19 15 H27 M23.5 11 L27 15 L23.5 19"/></symbol>
    <symbol id="sign-check" viewBox="0 0 30 30"><path class="ink-line" d="M6 16 L13 23 L25 7"/></symbol>
    <symbol id="sign-note" viewBox="0 0 30 30"><path class="ink-line" d="M6 5 H24 V25 H6Z M10 11 H20 M10 16 H20 M10 21 H15"/></symbol>
    <symbol id="sign-voiding" viewBox="0 0 30 30"><path class="ink-line"
        d="M8 12 H19 Q25 12 25 18 Q25 24 19 24 H12 M8 12 L13 7 M8 12 L13 17"/></symbol>
</svg>
