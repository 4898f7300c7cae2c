@include('errors.said', ['code' => 404])
