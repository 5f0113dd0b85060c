<x-layout :title="__('views/today.today')" place="today">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    {{ $body }}
</x-layout>
