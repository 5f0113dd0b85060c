<x-layout title="Name your household">
    <form class="tile narrow" method="post" action="{{ route('household.new') }}">
        @csrf
        <h1>What is this kitchen called?</h1>
        <p class="muted">Everyone you invite later shares its machines and its logbook.</p>
        <x-form.household-fields :household="null" zone="UTC"/>
        <p class="mt-4 mb-0"><button class="push push--main push--wide">This is it</button></p>
    </form>
    <form method="post" action="{{ route('logout') }}" class="narrow mt-3">@csrf<button class="push push--quiet">Log out</button></form>
</x-layout>
