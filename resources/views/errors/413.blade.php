@include('errors.said', ['code' => 413])
