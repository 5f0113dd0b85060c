<x-layout :title="__('plan.ahead.title')" place="rhythm">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    {{ $body }}
</x-layout>
