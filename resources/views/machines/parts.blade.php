@use('App\View\Words\Dates')
<x-layout :title="__('views/machines/parts.parts_of', ['machine' => $machine->name])" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
    <h1>{{ $needs ? __('views/machines/parts.parts_that_wait_for_a_new') : __('views/machines/parts.no_part_waits_for_a_new') }}</h1>
    <div class="two-tiles">
        <div class="stack">
            @foreach ($needs as $part => $need)
                <section class="tile" aria-labelledby="need-{{ $part }}">
                    <h2 id="need-{{ $part }}">{{ $names[$part] }}</h2>
                    <p>{{ $data->state($need) }}.</p>
                    @if ($need->note)<p class="own-note">“{{ $need->note }}”</p>@endif
                    @if ($next = $data->next($need))
                        <form method="post" action="{{ route('machines.parts.need', $machine) }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                            <input type="hidden" name="part" value="{{ $part }}">
                            @unless ($need->number)<x-form.field name="number" :label="__('views/machines/parts.part_number')"
                                maxlength="60"
                                :hint="__('views/machines/parts.in_the_manual_or_at_the')"/>@endunless
                            <p class="with-gap mt-3 mb-0">@foreach ($next as $stage => $words)<button @class(['push', 'push--main'
                                => $loop->first]) name="stage" value="{{ $stage }}">{{ $words }}</button>@endforeach</p>
                        </form>
                    @endif
                    <form method="post" action="{{ route('machines.parts.fitted', $machine) }}" class="mt-3">
                        @csrf
                        <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        <input type="hidden" name="part" value="{{ $part }}">
                        <x-form.field name="price" :label="__('views/machines/parts.what_it_cost_if_you_want')" type="number" min="0"
                            step="any"
                            inputmode="decimal"/>
                        <x-form.field name="warranty" :label="__('views/machines/parts.its_warranty_ends_if_it_has')" type="date"/>
                        <p class="mt-3 mb-0"><button class="push">{{ __('views/machines/parts.a_new_one_is_fitted') }}</button></p>
                    </form>
                </section>
            @endforeach
            <form method="post" action="{{ route('machines.parts.need', $machine) }}" class="tile">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <h2>{{ __('views/machines/parts.a_part_is_worn') }}</h2>
                <div class="field">
                    <label class="form-label" for="f-part">{{ __('views/machines/parts.which_one') }}</label>
                    <select class="form-select" id="f-part" name="part" required @invalid('part')>
                        @if ($picked === '')<option value="">{{ __('views/machines/parts.pick_one') }}</option>@endif
                        @foreach ($names as $id => $name)<option value="{{ $id }}" @selected(old('part', $picked)
                            === $id)>{{ $name }}</option>@endforeach
                    </select>
                    <x-form.field-error name="part"/>
                </div>
                <x-form.field name="note" :label="__('views/machines/parts.what_you_see')" maxlength="200"
                    :hint="__('views/machines/parts.a_torn_edge_a_bent_blade')"/>
                <p class="with-gap mt-3 mb-0"><button class="push push--main" name="stage" value="worn">{{
                    __('views/machines/parts.it_is_worn') }}</button>
                    <button class="push" name="stage" value="to-order">{{ __('views/machines/parts.it_is_to_be_ordered') }}</button></p>
            </form>
        </div>
        <div class="stack">
            <section class="tile">
                <h2>{{ __('views/machines/parts.for_the_order') }}</h2>
                <dl class="facts">
                    <dt>{{ __('views/machines/parts.model') }}</dt><dd>{{ $machine->model ?? __('views/machines/parts.not_known_yet')
                        }}</dd>
                    <dt>{{ __('views/machines/parts.serial_number') }}</dt><dd>{{ $machine->serial ??
                        __('views/machines/parts.not_known_yet') }}</dd>
                    <dt>{{ __('views/machines/parts.bought') }}</dt><dd>{{ $machine->bought_on
                        ? Dates::day($machine->boughtOn(), $today) : __('views/machines/parts.not_known_yet') }}</dd>
                    <dt>{{ __('views/machines/parts.warranty_until') }}</dt><dd>{{ $machine->warranty_until
                        ? Dates::day($machine->warrantyUntil(), $today)
                        : __('views/machines/parts.not_known_yet') }}</dd>
                </dl>
                <p class="small mt-3">{{ __('views/machines/parts.under_warranty_the_maker_comes_first') }}</p>
                <p class="mb-0"><a class="push"
                    href="{{ route('machines.edit', $machine) }}">{{ $machine->model
                        ? __('views/machines/parts.change_this') : __('views/machines/parts.fill_this_in') }}</a></p>
            </section>
            <section class="tile" aria-labelledby="papers">
                <h2 id="papers">{{ __('views/machines/parts.manual_and_receipt') }}</h2>
                @foreach ($documents as $document)
                    <div class="told">
                        <p class="mb-0"><a href="{{ route('documents.show', $document) }}">{{ $document->name }}</a>
                            <small class="muted d-block">{{ Str::ucfirst($data->about($document)) }}</small></p>
                        <form method="post" action="{{ route('documents.destroy', $document) }}">@csrf @method('delete')<button
                            class="push push--quiet" aria-label="{{
                                __('views/machines/parts.remove', ['document' => $document->name]) }}">{{
                                    __('views/machines/parts.remove_2') }}</button></form>
                    </div>
                @endforeach
                <form method="post" action="{{ route('machines.documents', $machine) }}" enctype="multipart/form-data" class="mt-3">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <x-form.field name="file" :label="__('views/machines/parts.a_file')" type="file"
                        accept="application/pdf,image/jpeg,image/png,image/webp"
                        :hint="__('views/machines/parts.a_pdf_or_a_picture_12')"/>
                    <p class="with-gap mt-3 mb-0">@foreach (App\Models\Document::KINDS as $kind)<button class="push" name="kind"
                        value="{{ $kind }}">{{
                            __('views/machines/parts.keep_as', ['what' => __("machines.document.$kind")]) }}</button>@endforeach</p>
                </form>
            </section>
            @if ($fitted)
                <section class="tile">
                    <h2>{{ __('views/machines/parts.fitted_before') }}</h2>
                    @foreach ($fitted as [$day, $words])<p class="mb-1">{{ Dates::day($day, $today) }}: {{ $words }}</p>@endforeach
                </section>
            @endif
        </div>
    </div>
</x-layout>
