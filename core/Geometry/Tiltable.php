<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** A shape that may lie so that its steepest face is less steep while a coat flows. */
interface Tiltable extends Shape
{
    /** With the tilt at which its faces are equally steep; zones keep their names. */
    public function tilted(): Shape;
}
