@include('errors.said', ['code' => 403])
