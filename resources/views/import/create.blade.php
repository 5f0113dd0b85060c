<x-layout :title="__('exchange.import')" place="household">
    <h1>{{ __('exchange.import') }}</h1>
    <form class="tile narrow" method="post" action="{{ route('import') }}" enctype="multipart/form-data">
        @csrf
        <p>{{ __('exchange.import_line') }}</p>
        <x-form.field name="file" :label="__('exchange.file', ['most' => $most])" type="file" accept=".zip,application/zip" required/>
        <p class="mt-4 mb-0"><button class="push push--main">{{ __('exchange.look') }}</button></p>
    </form>
    <p class="narrow mt-3"><a href="{{ route('past') }}">{{ __('exchange.past.link') }}</a></p>
</x-layout>
