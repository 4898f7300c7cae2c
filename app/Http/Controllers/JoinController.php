<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Helps a phone to trust this house: the certificate that signs its own, and the taps that take it in. */
final class JoinController
{
    public function show(): View
    {
        is_file(config()->string('app.certificate')) || abort(404);

        return view('firm.join', ['leads' => config('app.url')]);
    }

    public function certificate(): BinaryFileResponse
    {
        $file = config()->string('app.certificate');
        is_file($file) || abort(404);

        return response()->download($file, 'yoke-line.crt', ['Content-Type' => 'application/x-x509-ca-cert']);
    }
}
