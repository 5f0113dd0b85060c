@props(['value' => null])
{{-- The machine from the front, with zones to point at: each is a radio button drawn as its place. --}}
<div class="zones">
    @foreach (['upper-left' => [8, 10, 66, 40], 'upper-front' => [78, 10, 44, 40], 'upper-right' => [126, 10, 66, 40], 'lower-left'
        => [8, 58, 90, 44], 'lower-right' => [102, 58, 90, 44], 'floor' => [8, 110, 124, 34], 'door'
        => [136, 110, 56, 34]] as $zone => [$x, $y, $w, $h])
        <label class="zone zone--{{ $zone }}">
            <input type="radio" name="where" value="{{ $zone }}" @checked($value === $zone)>
            <span>{{ Str::ucfirst(__("traces.zone.$zone")) }}</span>
        </label>
    @endforeach
</div>
