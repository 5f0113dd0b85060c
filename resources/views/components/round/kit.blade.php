<div x-data="kit">
    <ul class="kit">
        @foreach ($kit->items as $item)
            <li><label>@unless ($item->if)<input type="hidden" name="kit[]" value="{{ $item->id }}">@endunless<input type="checkbox"
                name="have[]" value="{{ $item->id }}"
                @checked($isHere($item->id))><span>{{ $handbook->kitName($item->id) }}@if ($item->for)
                <small class="muted">{{
                    __('views/components/round/kit.for', ['for' => implode(', ', $item->for)]) }}</small>@endif @if ($item->if)
                <small class="muted">{{ App\Care\Words\KitWords::why($item->if) }}</small>@endif</span></label></li>
        @endforeach
        @foreach ($kit->agents as $agent)
            <li><label>@if ($agent->sure)<input type="hidden" name="kit[]" value="agent:{{ $agent->id }}">@endif<input
                type="checkbox" name="have[]" value="agent:{{ $agent->id }}"
                @checked($isHere("agent:$agent->id"))><span>{{ $amount($agent) }} {{ $handbook->agent($agent->id)->name }} @if ($agent->if)
                <small class="muted">{{ $condition($agent) }}</small>@endif</span></label></li>
        @endforeach
    </ul>
    @if ($kit->items || $kit->agents)
        <p class="with-gap mt-3 mb-0">
            <button type="button" class="push" x-on:click="all" data-all-here>{{
                __('views/components/round/kit.it_is_all_here') }}</button>
            <label class="with-gap"><input type="checkbox" name="without" value="1"> {{
                __('views/components/round/kit.go_on_without_what_isnt_ticked') }}</label>
        </p>
    @endif
</div>
