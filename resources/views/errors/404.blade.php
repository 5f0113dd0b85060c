@include('errors.plain', ['message' => __('failures.not_found'), 'advice' => __('failures.not_found_advice')])
