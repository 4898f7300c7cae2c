@include('errors.said', ['code' => 500])
