<x-layout title="Today" place="today">
    <x-slot:when><x-date-head :household="$household" :today="$today"/></x-slot:when>
    {{ $body }}
</x-layout>
