<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Pages\Handbook\HandbookPages;
use App\View\Pages\Handbook\KeepApartPage;
use App\View\Pages\Handbook\ProcedurePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What is known about the work. */
final class HandbookController extends Controller
{
    public function index(Request $request, HandbookPages $pages): View
    {
        return view(
            'handbook.index',
            $pages->procedures($this->person($request)->home(), 'all' === $request->query('show'), $request->string('q')->toString()),
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

    public function schools(Request $request, HandbookPages $pages): View
    {
        return view('handbook.schools', $pages->schools($this->person($request)->home(), 'all' === $request->query('show')));
    }

    public function symptoms(Request $request, HandbookPages $pages): View
    {
        return view('handbook.symptoms', $pages->symptoms($this->person($request)->home(), 'all' === $request->query('show')));
    }
}
