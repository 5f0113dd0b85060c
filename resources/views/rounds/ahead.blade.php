{{-- Every step that may still come up, for a device that loses its network in the middle of a round. --}}
<x-drawing.scale-symbols :handbook="$handbook" :only="$scales"/>
@foreach ($views as $view)
    <template data-step="{{ $view->step->id }}" data-short="{{ $view->step->short }}" data-title="{{ $view->step->title }}"
        data-off="{{ $view->step->takesOff }}" data-name="{{ $view->step->takesOff
            ? $kind->part($view->step->takesOff)->name($machine->traits) : '' }}">
        <x-round.step :step-view="$view" :round="$round" :machine="$machine" :handbook="$handbook" :household="$household" :now="$now"/>
    </template>
@endforeach
