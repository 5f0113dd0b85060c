{{-- Every step that may still come up, for a device that loses its network in the middle of a round. --}}
@php($traits = $machine->traits)
<x-drawing.scale-symbols :handbook="$handbook" :only="$scales"/>
@foreach ($views as $view)
    @php($step = $view->step)
    <template data-step="{{ $step->id }}" data-short="{{ $step->short }}" data-title="{{ $step->title }}"
        data-off="{{ $step->takesOff }}" data-name="{{ $step->takesOff ? $kind->part($step->takesOff)->name($traits) : '' }}">
        <x-round.step :view="$view" :round="$round" :machine="$machine" :handbook="$handbook" :household="$household" :now="$now"/>
    </template>
@endforeach
