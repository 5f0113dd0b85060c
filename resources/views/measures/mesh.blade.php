<x-layout :title="__('measures.grid.title', ['machine' => $machine->name])" place="kitchen">
    <x-measure.way :machine="$machine"/>
    @if ($photo)
        <h1>{{ __('measures.grid.head_tap') }}</h1>
        <form method="post" action="{{ route('measures.grid.photo', [$machine, $photo]) }}" class="tile" x-data="cells" x-on:change="count">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <div class="cells" x-ref="cells">
                <img src="{{ route('photos.show', $photo) }}" alt="{{ __('measures.grid.pair') }}" width="{{ $photo->width }}"
                    height="{{ $photo->height }}">
                <div class="cells__grid">
                    @foreach (range(0, $rows * 8 - 1) as $cell)
                        <label @class(['cell', 'cell--off' => in_array($cell, $outside, true)])><input type="checkbox" name="shut[]"
                            value="{{ $cell }}" @checked(in_array((string) $cell, (array) old('shut', []), true))
                            data-off="{{ in_array($cell, $outside, true) ? '1' : '' }}"
                            aria-label="{{ __('measures.grid.cell', ['row' => intdiv($cell, 8) + 1, 'column' => $cell % 8 + 1]) }}"></label>
                    @endforeach
                </div>
            </div>
            <p role="status" class="mt-2" x-ref="said" data-text="{{ __('measures.grid.so_far') }}"></p>
            <fieldset class="chips"><legend class="visually-hidden">{{ __('measures.grid.head_tap') }}</legend>
                @foreach ((array) __('measures.grid.mask') as $mask => $name)<label class="chip"><input type="radio" name="mask"
                    value="{{ $mask }}" required @checked(old('mask', 'round') === $mask)> {{ $name }}</label>@endforeach
            </fieldset>
            @if (count($tasks) > 1)
                <div class="field"><label class="form-label" for="f-task">{{ __('measures.grid.which') }}</label>
                    <select class="form-select" id="f-task" name="task">@foreach ($tasks as $id => $name)<option value="{{ $id }}"
                        @selected(old('task') === $id)>{{ $name }}</option>@endforeach</select></div>
            @else
                <input type="hidden" name="task" value="{{ array_key_first($tasks) }}">
            @endif
            <fieldset class="chips mt-3"><legend class="visually-hidden">{{ __('measures.jets.what_for') }}</legend>
                @foreach ((array) __('measures.grid.means') as $means => $name)<label class="chip"><input type="radio" name="means"
                    value="{{ $means }}" required @checked(old('means', 'found') === $means)> {{ $name }}</label>@endforeach
            </fieldset>
            <p class="mt-3 mb-0"><button class="push push--main">{{ __('measures.keep') }}</button></p>
        </form>
    @else
        <h1>{{ __('measures.grid.head') }}</h1>
        <form method="post" action="{{ route('measures.grid', $machine) }}" enctype="multipart/form-data" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <p>{{ __('measures.grid.about') }}</p>
            <div class="field"><label class="form-label" for="f-photo">{{ __('measures.grid.photo') }}</label>
                <input class="form-control" id="f-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
                    capture="environment" required @invalid('photo')>
                <x-form.field-error name="photo"/></div>
            <p class="mt-3 mb-0"><button class="push push--main">{{ __('measures.grid.go_on') }}</button></p>
        </form>
        @if ($pair)<section class="tile mt-3"><h2>{{ __('measures.grid.pair') }}</h2>
            <x-measure.compare :before="$pair[0]" :after="$pair[1]"/></section>@endif
        @if ($earlier)<section class="tile mt-3"><h2>{{ __('measures.grid.before') }}</h2>
            <ul class="mb-0">@foreach ($earlier as $line)<li>{{ $line }}</li>@endforeach</ul></section>@endif
    @endif
</x-layout>
