@props(['title', 'head', 'kinds', 'lines'])
<div class="table-scroll" tabindex="0" role="region" aria-label="{{ $title }}">
    <table class="costs">
        <caption>{{ $title }}</caption>
        <thead><tr><th scope="col">{{ $head }}</th>@foreach ($kinds as $kind)<th scope="col">{{ $kind }}</th>@endforeach
            <th scope="col">{{ __('places/costs.sum') }}</th></tr></thead>
        <tbody>@foreach ($lines as $line)
            <tr><th scope="row">{{ $line->name }}@if ($line->unpriced)<small class="muted">{{ $line->unpriced }}</small>@endif</th>
                @foreach ($line->cells as $cell)<td>{{ $cell }}</td>@endforeach<td><strong>{{ $line->sum }}</strong></td></tr>
        @endforeach</tbody>
    </table>
</div>
