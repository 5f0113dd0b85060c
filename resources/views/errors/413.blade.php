@include('errors.plain', ['message' => __('failures.too_large'), 'advice' => __('failures.too_large_advice')])
