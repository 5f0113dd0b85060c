@if (session('did'))
    <div class="said" role="status" tabindex="-1" autofocus>
        <span>{{ session('did') }}</span>
        @if (session('undo'))
            <form method="post" action="{{ route('entries.void', session('undo')) }}">
                @csrf
                <button class="push push--quiet">{{ __('views/components/page/messages.undo') }}</button>
            </form>
        @endif
    </div>
@endif
<x-page.error-summary/>
