<section class="tile">
    <div class="ask">
        <div>
            <h1>Which machine do you look after?</h1>
            <p>A few taps, no typing. Then this page tells you each day what is due, why, and how sure it is; and takes you through it step
                by step.</p>
        </div>
        <div class="ask__do"><a class="push push--main" href="{{ route('machines.create') }}">Add your first machine</a></div>
    </div>
    <hr class="rule">
    <ul class="openings opens-with-glasses">
        @foreach ([[0.04, 'just cleaned'], [0.5, 'settling'], [0.85, 'soon'], [1.02, 'due'], [1.4, 'overdue']] as [$wear, $word])
            <li><x-drawing.glass :wear="$wear" :size="40"/><span>{{ $word }}</span></li>
        @endforeach
    </ul>
    <p class="muted small mt-3 mb-0">
        Every part gets a glass like these. It clouds and silts up as the part does; at the copper tick it is time.</p>
</section>
