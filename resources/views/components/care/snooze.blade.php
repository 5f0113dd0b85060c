@props(['care', 'today'])
<section class="tile no-print" id="later">
    <h2>{{ __('views/components/care/snooze.not_now') }}</h2>
    <p class="muted small">{{ __('views/components/care/snooze.only_the_reminder_moves_the_clock') }}</p>
    <form method="post" action="{{ route('snoozes.store', $care->machine) }}">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <input type="hidden" name="task" value="{{ $care->task()->id }}">
        <x-form.field name="until" :label="__('views/components/care/snooze.remind_me_on')" type="date"
            :value="(string) $today->plus(7)" :min="(string) $today->plus(1)"
            required/>
        <x-form.field name="reason" :label="__('views/components/care/snooze.because')" maxlength="120" :value="null"
            list="because" required/>
        <datalist id="because"><option value="No time this week"></option><option value="A part is on its way"></option>
            <option value="Guests in the kitchen"></option></datalist>
        <p class="mt-3 mb-0"><button class="push">{{ __('views/components/care/snooze.put_it_off') }}</button></p>
    </form>
</section>
