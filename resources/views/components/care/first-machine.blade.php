<section class="tile">
    <div class="ask">
        <div>
            <h1>{{ __('views/components/care/first-machine.which_machine_do_you_look_after') }}</h1>
            <p>{{ __('views/components/care/first-machine.a_few_taps_no_typing_then') }}</p>
        </div>
        <div class="ask__do"><a class="push push--main" href="{{ route('machines.create') }}">{{
            __('views/components/care/first-machine.add_your_first_machine') }}</a></div>
    </div>
    <hr class="rule">
    <ul class="openings opens-with-glasses">
        @foreach ([[0.04, __('views/components/care/first-machine.just_cleaned')], [0.5, 'settling'], [0.85, 'soon'], [1.02, 'due'],
            [1.4, 'overdue']] as [$wear, $word])
            <li><x-drawing.glass :wear="$wear" :size="40"/><span>{{ $word }}</span></li>
        @endforeach
    </ul>
    <p class="muted small mt-3 mb-0">
        {{ __('views/components/care/first-machine.every_part_gets_a_glass_like') }}</p>
</section>
