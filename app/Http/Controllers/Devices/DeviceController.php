<?php

declare(strict_types=1);

namespace App\Http\Controllers\Devices;

use App\Actions\Devices\AddDevice;
use App\Actions\Devices\RevokeDevice;
use App\Actions\Devices\RotateDeviceToken;
use App\Actions\Devices\SettleHeldEvents;
use App\Http\Controllers\Controller;
use App\Http\Requests\Devices\DeviceRequest;
use App\Models\Device;
use App\Models\Machine;
use App\Outside\DeviceSimulator;
use App\View\Pages\Devices\DevicePage;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Counters that send what they count. */
final class DeviceController extends Controller
{
    public function create(Request $request, Machine $machine, Handbook $handbook): View
    {
        return view('devices.create', [
            'machine' => $machine,
            'zone' => $this->person($request)->home()->zone(),
            'kind' => $machine->kindIn($handbook),
            'devices' => $this->person($request)->home()->devices()->where('machine_id', $machine->id)->orderBy('id')->get(),
        ]);
    }

    public function store(DeviceRequest $request, Machine $machine, AddDevice $add, RotateDeviceToken $rotate): RedirectResponse
    {
        $device = $add->handle(
            $machine,
            $request->string('name')->toString(),
            $request->boolean('simulated'),
            $request->filled('id') ? $request->string('id')->toString() : null,
            $this->person($request),
        );

        return redirect()->route('devices.show', $device)->with('token', $rotate->handle($device))->with(
            'did',
            __('devices.added', ['name' => $device->name]),
        );
    }

    public function show(Request $request, Device $device, DevicePage $page): View
    {
        return view('devices.show', $page->for($device, $this->person($request)->home()));
    }

    public function stream(Request $request, Device $device, DevicePage $page): View
    {
        return view('devices.stream', $page->for($device, $this->person($request)->home()));
    }

    public function rotate(Request $request, Device $device, RotateDeviceToken $rotate): RedirectResponse
    {
        $token = $rotate->handle($device, $this->person($request));

        return redirect()->route('devices.show', $device)->with('token', $token)->with('did', __('devices.rotated'));
    }

    public function destroy(Request $request, Device $device, RevokeDevice $revoke): RedirectResponse
    {
        $revoke->handle($device, $this->person($request));

        return redirect()->route('devices.show', $device)->with('did', __('devices.revoked'));
    }

    public function settle(Request $request, Device $device, SettleHeldEvents $settle): RedirectResponse
    {
        $request->validate([
            'how' => ['required', 'string', Rule::in([SettleHeldEvents::FROM_ZERO, SettleHeldEvents::FROM_HERE, SettleHeldEvents::WRONG])],
        ]);
        $settle->handle($device, $request->string('how')->toString());

        return redirect()->route('devices.show', $device)->with('did', __('devices.settled'));
    }

    public function simulate(Device $device, DeviceSimulator $run): RedirectResponse
    {
        $run->start($device);

        return redirect()->route('devices.show', $device)->with('did', __('devices.running'))->with('running', true);
    }
}
