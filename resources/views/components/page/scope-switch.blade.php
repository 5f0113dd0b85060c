@props(['to', 'all'])
<p class="chips small mb-0">
    <a class="chip" href="{{ route($to) }}" @if (! $all) aria-current="true" @endif>{{
        __('views/components/page/scope-switch.my_machines') }}</a>
    <a class="chip" href="{{ route($to, ['show' => 'all']) }}" @if ($all) aria-current="true" @endif>{{
        __('views/components/page/scope-switch.all_kinds') }}</a>
</p>
