@props(['trace', 'trouble', 'reading'])
<form method="post" action="{{ route('traces.told', $trace) }}">
    @csrf
    <h3>What did they find?</h3>
    <div class="field">
        <label class="form-label" for="f-cause">What was wrong</label>
        <select class="form-select" id="f-cause" name="cause" @invalid('cause')>
            <option value="">Not known, or something else</option>
            @foreach ($trouble->causes as $id => $cause)@if (isset($reading->suspects[$id]))<option value="{{ $id }}"
                @selected(old('cause') === $id)>{{ $cause->name }}</option>@endif @endforeach
            @foreach ($trouble->causes as $id => $cause)@if (! isset($reading->suspects[$id]))<option value="{{ $id }}"
                @selected(old('cause') === $id)>{{ $cause->name }}</option>@endif @endforeach
        </select>
        <x-form.field-error name="cause"/>
    </div>
    <x-form.field name="note" label="What they said or did" maxlength="500" :value="$trace->note"/>
    <x-form.field name="cost" label="What it cost" type="number" min="0" step="any" inputmode="decimal" :value="$trace->cost"/>
    <p class="mt-3 mb-0"><button class="push">Keep it</button></p>
</form>
