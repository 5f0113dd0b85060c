<x-layout :title="__('places/costs.title')" place="kitchen">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    {{ $body }}
</x-layout>
