<x-layout title="Blank">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
</x-layout>
