@props(['verdicts'])
{{-- What keep-apart says of what this step pours; nothing where it minds nothing. --}}
@foreach ($verdicts as $verdict)
    @if ($verdict->found->verdict !== GoodRinse\Core\Chemistry\Verdict::Go)
        <section @class(['said-of', 'said-of--refused' => $verdict->found->verdict->refuses()]) @if ($verdict->found->verdict->refuses())
            role="alert" @endif>
            <x-drawing.verdict :verdict="$verdict->found->verdict"/>
            <div>
                <h2>{{ Str::ucfirst(__('places/vessels.verdict.'.$verdict->found->verdict->value)) }}</h2>
                <p>{{ $verdict->found->reason }}@if ($verdict->found->verdict ===
                    GoodRinse\Core\Chemistry\Verdict::Caution) {{ $verdict->found->remedy }}@endif</p>
                @if ($verdict->found->verdict->refuses())
                    <p><strong>{{ $verdict->found->remedy ?? $verdict->vessel->remedy }}</strong></p>
                    <label class="with-gap"><input type="checkbox" name="happened" value="1"> {{
                        __('views/components/round/chemistry-notes.it_has_already_been_poured') }}</label>
                @endif
            </div>
        </section>
    @endif
@endforeach
