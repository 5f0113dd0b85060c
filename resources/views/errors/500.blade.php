@include('errors.plain', ['message' => __('failures.unknown'), 'advice' => __('failures.unknown_advice')])
