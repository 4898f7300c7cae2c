<?php

declare(strict_types=1);

namespace App\Paper;

use setasign\Fpdi\Tcpdf\Fpdi;

/** Pages of other files, one behind the other in one. */
final class BoundPages extends Fpdi
{
    public function __construct()
    {
        parent::__construct();
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setAutoPageBreak(false);
    }
}
