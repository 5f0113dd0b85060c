@props(['arms', 'script', 'typed' => null, 'setup' => true, 'always' => false])
{{-- Tap a jet: open, half blocked, blocked. The rack above follows at once. --}}
<x-measure.jet-signs/>
<div class="arms" x-data="jetMap" data-map="{{ $script }}" data-typed="{{ $typed }}" data-always="{{ $always ? '1' : '' }}">
    <input type="hidden" name="map" x-ref="map">
    <div class="chips arms__which" role="group" aria-label="{{ __('measures.jets.which') }}" x-ref="which">
        @foreach ($arms as $i => $arm)
            <button type="button" class="chip" data-arm="{{ $i }}" aria-pressed="{{ $loop->first ? 'true' : 'false' }}"
                x-on:click="pickArm">{{ $arm->state->template->name }} <small class="muted"></small></button>
        @endforeach
    </div>
    <noscript><p class="remedy">{{ __('measures.jets.no_script') }}</p></noscript>
    <div class="arms__view">
        <x-measure.rack :arm="$arms[0]" :live="true"/>
        <div class="arms__work" x-ref="strips" x-on:keydown="stripKey">
            <div class="arms__said" role="status"><p class="arms__lead" x-ref="said">{{ $arms[0]->sentences[0] ?? '' }}</p>
                <p class="mb-0" x-ref="more">{{ implode(' ', array_slice($arms[0]->sentences, 1)) }}</p></div>
            @foreach (['top', 'under'] as $side)
                <div data-side="{{ $side }}" hidden>
                    <div class="arms__side"><h2></h2><span class="muted small" data-count></span></div>
                    <div class="jets" data-strip="{{ $side }}" role="group" aria-label="{{ __("measures.jets.side.$side") }}">
                        <div class="jets__bar"></div>
                    </div>
                </div>
            @endforeach
            <p class="arms__turn"><span class="muted small">{{ __('measures.jets.hub') }}</span>
                <button type="button" class="push" x-on:click="turn">{{ __('measures.jets.turn') }}</button>
                <span class="muted small">{{ __('measures.jets.rim') }}</span></p>
        </div>
    </div>
    <fieldset class="arms__motion" x-ref="motions">
        <legend>{{ __('measures.jets.push_it') }}</legend>
        @foreach ((array) __('measures.jets.motion') as $motion => $name)
            <label class="chip"><input type="radio" name="motion-shown" value="{{ $motion }}"
                x-on:change="chooseMotion"> {{ $name }}</label>
        @endforeach
        <label class="arms__hour" x-ref="hourField" hidden>{{ __('measures.jets.at_hour') }}
            <select class="form-select" x-ref="hour" x-on:change="chooseHour">
                @foreach (range(1, 12) as $hour)<option value="{{ $hour }}">{{ $hour }}</option>@endforeach
            </select>
        </label>
    </fieldset>
    @if ($setup)
        <details class="arms__setup" x-ref="setup" x-on:toggle="settingUp" data-taken="{{ __('measures.jets.taken') }}"
            data-off="{{ __('measures.jets.off') }}" data-wide="{{ __('measures.jets.wide') }}">
            <summary>{{ __('measures.jets.set_up') }}</summary>
            <p class="muted small">{{ __('measures.jets.set_up_hint') }}</p>
            <p class="wrong" role="alert" hidden x-ref="told"></p>
            <p class="with-gap"><button type="button" class="push" x-on:click="add">{{ __('measures.jets.add') }}</button>
                <button type="button" class="push" x-on:click="mirror">{{ __('measures.jets.mirror') }}</button></p>
            <fieldset class="arms__jet" x-ref="jetFields" disabled>
                <legend>{{ __('measures.jets.picked') }}</legend>
                <label>{{ __('measures.jets.place') }} <input class="form-control nums" type="number" min="0" max="100" step="any"
                    x-ref="place"
                    x-on:change="typePlace"> %</label>
                <label>{{ __('measures.jets.bore') }} <input class="form-control nums" type="number" min="0" step="any" x-ref="bore"
                    x-on:change="typeBore"> {{ __('views/components/measure/arms.mm') }}</label>
                <button type="button" class="push" x-on:click="nearer">{{ __('measures.jets.nearer') }}</button>
                <button type="button" class="push" x-on:click="further">{{ __('measures.jets.further') }}</button>
                <button type="button" class="push" x-on:click="flip">{{ __('measures.jets.flip') }}</button>
                <button type="button" class="push push--hazard" x-on:click="remove">{{ __('measures.jets.remove') }}</button>
            </fieldset>
            @if (count($arms) > 1)
                <p class="with-gap"><label>{{ __('measures.jets.copy_from') }}
                    <select class="form-select" x-ref="from">@foreach ($arms as $i => $arm)<option
                        value="{{ $i }}">{{ $arm->state->template->name }}</option>@endforeach</select></label>
                    <button type="button" class="push" x-on:click="copyFrom">{{ __('measures.jets.copy') }}</button></p>
            @endif
            <div class="arms__holds" x-ref="holds">
                <h2>{{ __('measures.jets.holds') }}</h2>
                @foreach ([0, 1, 2] as $ring)
                    <div class="field" hidden><label class="form-label" for="holds-{{ $ring }}"></label><input class="form-control"
                        id="holds-{{ $ring }}" maxlength="60" data-ring="{{ $ring }}" x-on:change="typeHolds"></div>
                @endforeach
            </div>
        </details>
    @endif
</div>
