<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Pages\Handbook\KeepApartPage;
use App\View\Pages\Handbook\ProcedureListPage;
use App\View\Pages\Handbook\ProcedurePage;
use App\View\Pages\Handbook\SchoolsPage;
use App\View\Pages\Handbook\SymptomsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What is known about the work. */
final class HandbookController extends Controller
{
    public function index(Request $request, ProcedureListPage $page): View
    {
        return view(
            'handbook.index',
            $page->for($this->person($request)->home(), 'all' === $request->query('show'), $request->string('q')->toString()),
        );
    }

    public function procedure(Request $request, string $kind, string $procedure, ProcedurePage $page): View
    {
        return view(
            'handbook.procedure',
            $page->for($this->person($request)->home(), $kind, $procedure, $request->string('machine')->toString()),
        );
    }

    public function keepApart(Request $request, KeepApartPage $page): View
    {
        return view('handbook.keep-apart', $page->for($this->person($request)->home()));
    }

    public function schools(Request $request, SchoolsPage $page): View
    {
        return view('handbook.schools', $page->for($this->person($request)->home(), 'all' === $request->query('show')));
    }

    public function symptoms(Request $request, SymptomsPage $page): View
    {
        return view('handbook.symptoms', $page->for($this->person($request)->home(), 'all' === $request->query('show')));
    }
}
