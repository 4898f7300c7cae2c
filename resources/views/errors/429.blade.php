@include('errors.said', ['code' => 429])
