@include('errors.said', ['code' => 405])
