@props(['to', 'with'])
@use('App\Http\Editor')
{{-- A paper in each size; in the reader's language, and in the others for whom it is made. --}}
@php($languages = [app()->getLocale() => '', ...array_diff_key(Editor::LANGUAGES, [app()->getLocale() => ''])])
{{ __('common.page.on-paper') }} @foreach ($languages as $language => $called)@if ($called !== '')<span lang="{{ $language }}">{{ $called }}:</span> @endif @foreach (['A4' => 'a4', 'Letter' => 'letter'] as $name => $paper)<a href="{{ route($to, [...$with, 'paper' => $paper, ...$called === '' ? [] : ['language' => $language]]) }}">{{ __('common.page.pdf', ['name' => $name]) }}</a> @endforeach @endforeach
