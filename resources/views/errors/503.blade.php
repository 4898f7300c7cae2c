@include('errors.said', ['code' => 503])
