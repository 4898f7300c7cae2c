@include('errors.said', ['code' => 421])
