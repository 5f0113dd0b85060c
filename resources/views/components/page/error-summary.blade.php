@inject('summary', 'App\View\Errors\ErrorSummary')
@if ($lines = isset($errors) ? $summary->lines($errors) : [])
    <section class="said said--trouble summary" role="alert" tabindex="-1" x-data="summary" x-on:click="go" aria-labelledby="summary">
        <h2 id="summary">{{ trans_choice('places/forms.summary', count($lines)) }}</h2>
        <ul>
            @foreach ($lines as $line)
                <li>@if ($line->target)<a href="#{{ $line->target }}">{{ $line->text }}</a>@else{{ $line->text }}@endif</li>
            @endforeach
        </ul>
    </section>
@endif
