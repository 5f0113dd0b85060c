@if (session('did'))
    <div class="said" role="status">
        <span>{{ session('did') }}</span>
        @if (session('undo'))
            <form method="post" action="{{ route('entries.void', session('undo')) }}">
                @csrf
                <button class="push push--quiet">Undo</button>
            </form>
        @endif
    </div>
@endif
@foreach (['did', 'photo', 'id', 'how', 'step', 'answer', 'note', 'task'] as $key)
    @error($key)<div class="said said--trouble" role="alert">{{ $message }}</div>@enderror
@endforeach
