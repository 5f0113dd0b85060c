@include('errors.plain', ['message' => __('failures.too_many'), 'advice' => __('failures.too_many_advice')])
