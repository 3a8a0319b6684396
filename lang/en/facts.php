<?php

declare(strict_types=1);

// Each kind of fact brings its own words; another language lists them here.
return OakGloss\Fact\Kinds::phrases();
