@include('errors.said', ['code' => 419])
