@include('errors.plain', ['message' => __('failures.forbidden'), 'advice' => __('failures.not_found_advice')])
