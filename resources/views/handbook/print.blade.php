<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Good Rinse: the whole handbook</title>
<style>
    body { font: 11pt/1.45 "DejaVu Sans", sans-serif; color: #1d2b2f; max-width: 46em; margin: 2em auto; padding: 0 1em; }
    h1 { font-size: 22pt; }
    h2 { font-size: 17pt; border-bottom: 2px solid #1d2b2f; margin-top: 2em; page-break-before: always; }
    h3 { font-size: 13pt; margin-top: 1.6em; }
    h4 { font-size: 11pt; margin: 1em 0 .2em; }
    p, li { margin: .25em 0; }
    .only { color: #55666b; font-style: italic; }
    .caution { border-left: 3px solid #a3301f; padding-left: .6em; }
    table { border-collapse: collapse; width: 100%; }
    td { text-align: left; vertical-align: top; padding: .2em .6em .2em 0; border-bottom: 1px solid #c7d0d2; }
</style>
</head>
<body>
<h1>The whole handbook</h1>
<p>Everything Good Rinse knows about the job, for somebody who checks it from start to end. It is made from the files in
    <code>handbook/</code> by <code>php artisan handbook:print</code>; change it there.</p>
<ol>
@foreach ($kinds as $each)
    <li><a href="#{{ $each->kind->id }}">{{ $each->kind->name }}</a></li>
@endforeach
    <li><a href="#keep-apart">What may meet what</a></li>
    <li><a href="#doses">Hardness and doses</a></li>
    <li><a href="#bases">What the numbers rest on</a></li>
    <li><a href="#scales">What parts are compared with</a></li>
    <li><a href="#questions">Where opinions differ</a></li>
</ol>
@foreach ($kinds as $each)
<h2 id="{{ $each->kind->id }}">{{ $each->kind->name }}</h2>
@include('handbook.print.machine')
<h3>Procedures</h3>
@foreach ($each->procedures as $procedure)
@include('handbook.print.procedure')
@endforeach
@if ($each->faults)
@include('handbook.print.faults')
@endif
@endforeach
@include('handbook.print.keep-apart')
@include('handbook.print.doses')
<h2 id="bases">What the numbers rest on</h2>
<p>Rhythm: {{ $bases['rhythm'] }}</p>
<p>Hardness and doses: {{ $bases['dose'] }}</p>
<p>Faults: {{ $bases['faults'] }}</p>
<p>Your own tasks: {{ $bases['own-tasks'] }}</p>
<h2 id="scales">What parts are compared with</h2>
@foreach ($scales as $scale)
<h4>{{ Str::ucfirst(strtr($scale->id, '-', ' ')) }}</h4>
<table>
@foreach ($scale->grades as $grade)
<tr><td>{{ $grade->name }}</td><td>{{ $grade->look }}</td><td>{{ round(100 * $grade->fraction->value) }} %</td></tr>
@endforeach
</table>
@endforeach
<h2 id="questions">Where opinions differ</h2>
@foreach ($questions as $question)
<h4>{{ $question->question }}</h4>
<ul>
@foreach ($question->sides as $side)
<li><strong>{{ $side->name }}</strong>{{ $side->id === $question->default ? ' (our line)' : '' }}: {{ $side->why }}</li>
@endforeach
</ul>
<p>{{ $question->reason }}</p>
@endforeach
</body>
</html>
