@props(['question'])
<ul class="sides">
    @foreach ($question->sides as $side)
        <li @class(['side', 'side--ours' => $side->id === $question->default])>
            <strong>{{ $side->name }}</strong>@if ($side->id === $question->default)
            <span class="ours">{{
                __('views/components/form/question.our_line') }}</span>@endif<br><span class="muted">{{ $side->why }}</span></li>
    @endforeach
</ul>
<p>{{ $question->reason }}</p>
