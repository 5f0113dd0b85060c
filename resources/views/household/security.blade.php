<x-layout :title="__('account.security')" place="household">
    <p class="mb-1"><a href="{{ route('household') }}">{{ $household->name }}</a></p>
    <h1>{{ __('account.security') }}</h1>
    <p class="muted">{{ __('account.security_line') }}</p>
    <section class="tile">
        @forelse ($events as $event)
            <p class="mb-1"><span class="muted small">{{ $event['at'] }}</span> {{ $event['what'] }}
                @if ($event['address'])<small class="muted">{{ $event['address'] }}</small>@endif</p>
        @empty
            <p class="mb-0">{{ __('account.security_none') }}</p>
        @endforelse
    </section>
</x-layout>
