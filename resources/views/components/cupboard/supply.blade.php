@props(['line'])
<li class="supply" id="{{ $line->anchor }}" tabindex="-1">
    @if ($line->isTool)<span class="supply__tool" aria-hidden="true"></span>@else{!! $line->container->svg("in-$line->anchor") !!}@endif
    <div>
        <h3>{{ Str::ucfirst($line->name) }}</h3>
        @if ($line->buy)<p class="mb-0 supply__buy">{{ $line->buy }}</p>@endif
        @if ($line->level && !$line->isTool)
            <p class="mb-0">{{ $line->level }} <span class="muted small">{{ $line->seen }}</span></p>
        @endif
        @if (!$line->isTool || $line->isShort)
            <p class="mb-1">{{ $line->lasts }} <span class="muted small">{{ $line->need }}</span></p>
        @endif
        @foreach ($line->notes as $note)<p class="mb-1 small supply__note">{{ $note }}</p>@endforeach
        @if ($line->isTool)
            <form method="post" action="{{ route('cupboard') }}">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="supply" value="{{ $line->id }}">
                <input type="hidden" name="what" value="left">
                <input type="hidden" name="unit" value="pieces">
                <input type="hidden" name="amount" value="{{ $line->isShort ? 1 : 0 }}">
                <button class="push push--quiet">{{ __($line->isShort ? 'places/cupboard.tool_there' :
                    'places/cupboard.tool_missing_now') }}<span class="visually-hidden">: {{ $line->name }}</span></button>
            </form>
        @else
            <details @if (old('supply') === $line->id && old('what')) open @endif>
                <summary>{{ __('places/cupboard.write') }}<span class="visually-hidden">: {{ $line->name }}</span></summary>
                <form method="post" action="{{ route('cupboard') }}" enctype="multipart/form-data"
                    x-data="level" data-container="in-{{ $line->anchor }}">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <input type="hidden" name="supply" value="{{ $line->id }}">
                    <x-cupboard.fields :key="$line->anchor" :units="$line->units" :unit="$line->unit" :usual="$line->usual"
                        :scale="$line->scale" :amount="$line->amount" :per="$line->perUnit"
                        :typed="old('supply') === $line->id && old('what')"/>
                </form>
            </details>
            <details @if (old('supply') === $line->id && !old('what')) open @endif>
                <summary>{{ __('places/cupboard.keep') }}<span class="visually-hidden">: {{ $line->name }}</span></summary>
                <form method="post" action="{{ route('cupboard.keep') }}">
                    @csrf
                    @method('put')
                    <input type="hidden" name="unit" value="{{ $line->unit }}">
                    <input type="hidden" name="supply" value="{{ $line->id }}">
                    <div class="supply__fields">
                        @foreach (['place' => $line->place, 'beside_amount' => $line->beside[0], 'beside_days' => $line->beside[1]]
                            as $name => $value)
                            <x-cupboard.field :key="$line->anchor" :name="$name" :value="$value" list="keeping-places"
                                :typed="old('supply') === $line->id && !old('what')" :unit="$line->unit"/>
                        @endforeach
                    </div>
                    <p class="hint">{{ __('places/cupboard.beside_hint') }}</p>
                    <p class="mb-0"><button class="push">{{ __('places/cupboard.keep_save') }}</button></p>
                </form>
            </details>
            @if ($line->isOwn)
                <form method="post" action="{{ route('cupboard.keep') }}" class="mt-2">
                    @csrf
                    @method('delete')
                    <input type="hidden" name="supply" value="{{ $line->id }}">
                    <button class="push push--quiet">{{ __('places/cupboard.remove') }}<span class="visually-hidden">: {{
                        $line->name }}</span></button>
                </form>
            @endif
            <form method="post" action="{{ route('cupboard') }}" class="mt-2">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="supply" value="{{ $line->id }}">
                <button class="push push--quiet" name="what" value="{{ $line->isOnList ? 'unwish' : 'wish' }}">{{ __($line->isOnList ?
                    'places/cupboard.unwish' : 'places/cupboard.wish') }}<span class="visually-hidden">: {{ $line->name }}</span></button>
            </form>
        @endif
    </div>
</li>
