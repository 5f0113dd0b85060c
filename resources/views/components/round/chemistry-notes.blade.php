@props(['verdicts'])
{{-- What keep-apart says of what this step pours; nothing where it minds nothing. --}}
@foreach ($verdicts as $verdict)
    @php($found = $verdict->found)
    @if ($found->verdict !== GoodRinse\Core\Chemistry\Verdict::Go)
        <section @class(['said-of', 'said-of--refused' => $found->verdict->refuses()]) @if ($found->verdict->refuses()) role="alert" @endif>
            <x-drawing.verdict :verdict="$found->verdict"/>
            <div>
                <h2>{{ Str::ucfirst(__('vessels.verdict.'.$found->verdict->value)) }}</h2>
                <p>{{ $found->reason }}@if ($found->verdict === GoodRinse\Core\Chemistry\Verdict::Caution) {{ $found->remedy }}@endif</p>
                @if ($found->verdict->refuses())
                    <p><strong>{{ $found->remedy ?? $verdict->vessel->remedy }}</strong></p>
                    <label class="with-gap"><input type="checkbox" name="happened" value="1"> It has already been poured.</label>
                @endif
            </div>
        </section>
    @endif
@endforeach
