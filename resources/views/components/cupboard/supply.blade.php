@props(['line'])
<li class="supply">
    {!! $line->container->svg("in-$line->id") !!}
    <div>
        <h3>{{ Str::ucfirst($line->name) }}</h3>
        @if ($line->buy)<p class="mb-0 supply__buy">{{ $line->buy }}</p>@endif
        @if ($line->level)<p class="mb-0">{{ $line->level }} <span class="muted small">{{ $line->seen }}</span></p>@endif
        <p class="mb-1">{{ $line->lasts }} <span class="muted small">{{ $line->need }}</span></p>
        <details @if (old('supply') === $line->id) open @endif>
            <summary>{{ __('places/cupboard.write') }}<span class="visually-hidden">: {{ $line->name }}</span></summary>
            <form method="post" action="{{ route('cupboard') }}">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="supply" value="{{ $line->id }}">
                <x-cupboard.fields :key="$line->id" :units="$line->units" :unit="$line->unit" :usual="$line->usual"
                    :typed="old('supply') === $line->id"/>
            </form>
        </details>
    </div>
</li>
