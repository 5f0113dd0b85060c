@props(['title'])
{{-- What the window is called; a form that did not take everything says so first. --}}
<title>{{ __('places/shell.title', ['title' => ($errors ?? null)?->any()
    ? __('places/forms.error_title', ['title' => $title]) : $title]) }}</title>
