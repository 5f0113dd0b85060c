@props(['question'])
<ul class="sides">
    @foreach ($question->sides as $side)
        <li @class(['side', 'side--ours' => $side->id === $question->ours])>
            <strong>{{ $side->name }}</strong>@if ($side->id === $question->ours)
            <span class="ours">{{
                __('views/components/form/question.our_line') }}</span>@endif<br><span class="muted">{{ $side->why }}</span></li>
    @endforeach
</ul>
<p>{{ $question->because }}</p>
