@props(['symptoms'])
@foreach ($symptoms as $symptom)<section class="said said--trouble" role="note"><p class="mb-0">
    <strong>{{ __('views/components/trace/called.somebody_is_called_for_this_machine', ['symptom' => $symptom]) }}</strong> {{
        __('views/components/trace/called.let_them_see_it_as_it') }}</p></section>@endforeach
