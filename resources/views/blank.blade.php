<x-layout title="Blank">
    <x-slot:when><x-date-head :household="$household" :today="$today"/></x-slot:when>
</x-layout>
