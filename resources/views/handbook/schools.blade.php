<x-layout :title="__('views/handbook/schools.where_they_differ')" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>{{ __('views/handbook/schools.where_opinions_differ_and_what_we') }}</h1>
            <x-page.handbook-tabs on="handbook.schools"/>
        </div>
        <x-page.scope-switch to="handbook.schools" :all="$all"/>
        <div class="questions">
            @foreach ($questions as $question)
                <section class="tile" id="{{ $question->id }}">
                    <h2>{{ $question->question }}</h2>
                    <x-form.question :question="$question"/>
                    @if ($question->procedures)
                        <p class="chips small mb-0">@foreach ($question->procedures as $id)@isset($procedureNames[$id])<a class="chip"
                            href="{{ route('handbook.procedure', [$procedureNames[$id][0], $id]) }}">{{ $procedureNames[$id][1] }}</a>
                            @endisset @endforeach</p>
                    @endif
                </section>
            @endforeach
        </div>
        <section class="tile">
            <h2>{{ __('views/handbook/schools.rhythms_to_start_from') }}</h2>
            <p class="muted">{{ __('views/handbook/schools.you_choose_one_for_each_job') }}</p>
            <div class="rhythms">
                @foreach ($rhythms as $rhythm)
                    <div>
                        <h3>{{ $rhythm['task'] }} <span class="muted small">{{ $rhythm['kind'] }}</span></h3>
                        <ul class="sides">
                            @foreach ($rhythm['schools'] as $school)<li @class(['side', 'side--ours' => $school['ours']])>
                                <strong>{{ $school['name'] }}</strong>@if ($school['ours'])
                                <span class="ours">{{
                                    __('views/handbook/schools.our_line') }}</span>@endif<br><span
                                        class="muted">{{ $school['note'] }}</span></li>@endforeach
                        </ul>
                    </div>
                @endforeach
            </div>
        </section>
    </div>
</x-layout>
