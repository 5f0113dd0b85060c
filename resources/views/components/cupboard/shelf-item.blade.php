@props(['line'])
<li class="board__item">
    <a href="#{{ $line->anchor }}" @class(['board__link', 'board__link--short' => $line->isShort])>
        {!! $line->container->svg("on-$line->anchor") !!}
        <span class="board__name">{{ $line->name }}</span>
        <span class="board__until">{{ $line->until }}</span>
    </a>
</li>
