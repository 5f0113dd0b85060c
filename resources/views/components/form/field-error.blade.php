@if ($here && $errors->has($name))<p class="wrong" id="{{ $id }}">{{ $errors->first($name) }}</p>@endif
