{{-- Every step that may still come up, for a device that loses its network in the middle of a round. --}}
@php($traits = $machine->traits)
<x-mesh-symbols :handbook="$handbook"/>
@foreach ($views as $view)
    @php($step = $view->step)
    <template data-step="{{ $step->id }}" data-short="{{ $step->short }}" data-title="{{ $step->title }}"
        data-if="{{ json_encode((object) $step->if->sets) }}" data-capture="{{ $step->capture?->id }}"
        data-pass="{{ $step->capture?->kind === GoodRinse\Core\Handbook\CaptureKind::Confirm ? $step->capture->options[0]->id : '' }}"
        data-off="{{ $step->takesOff }}" data-back="{{ $step->putsBack }}" data-name="{{ $step->takesOff ? $kind->part($step->takesOff)->name($traits) : '' }}"
        data-waits="{{ $step->waitsFor }}" data-must="{{ $step->mustPass ? '1' : '' }}"
        data-timer="{{ $step->timer ? json_encode(['label' => $step->timer->label, 'by' => $step->timer->by(), 'minutes' => $step->timer->minutes()]) : '' }}">
        <x-round-step :view="$view" :round="$round" :machine="$machine" :handbook="$handbook" :household="$household" :now="$now"/>
    </template>
@endforeach
