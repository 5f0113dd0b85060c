@props(['symptoms'])
@foreach ($symptoms as $symptom)<section class="said said--trouble" role="note"><p class="mb-0">
    <strong>Somebody is called for this machine: {{ $symptom }}.</strong> Let them see it as it is. A wash or a strip-down hides what they
    look for.</p></section>@endforeach
