@include('errors.plain', ['message' => __('failures.stale'), 'advice' => __('failures.stale_advice')])
