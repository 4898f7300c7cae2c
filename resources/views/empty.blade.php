<!doctype html>
<html lang="{{ app()->getLocale() }}"><head><title>{{ __('top.page.empty') }}</title></head><body></body></html>
