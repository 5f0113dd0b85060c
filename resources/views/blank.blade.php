<x-layout :title="__('views/blank.blank')">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
</x-layout>
