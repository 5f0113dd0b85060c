@include('errors.plain', in_array($exception->getMessage(), (array) __('account.refused'), true)
    ? ['message' => $exception->getMessage(), 'advice' => '']
    : ['message' => __('failures.forbidden'), 'advice' => __('failures.not_found_advice')])
