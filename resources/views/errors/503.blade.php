@include('errors.plain', ['message' => __('failures.closed'), 'advice' => __('failures.closed_advice')])
