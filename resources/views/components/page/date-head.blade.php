@props(['household', 'today'])
<span class="d-none d-lg-block"><strong>{{ App\View\Words\Dates::longWeekday($today, $today) }}</strong>{{ $household->name }}</span>
