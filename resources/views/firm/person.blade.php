@use('App\Models\User')
@include('firm.field', ['name' => 'name', 'says' => __('firm.page.your-name'), 'value' => old('name', $called ?? ''), 'auto' => 'name', 'most' => 60])
@include('firm.field', ['name' => 'email', 'says' => __('firm.page.email'), 'type' => 'email', 'value' => old('email'), 'auto' => 'username'])
@include('firm.field', ['name' => 'password', 'says' => __('firm.page.new-password', ['least' => User::SHORTEST_PASSWORD]), 'type' => 'password', 'auto' => 'new-password', 'most' => User::LONGEST_PASSWORD])
