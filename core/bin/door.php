<?php

declare(strict_types=1);

// The core's doors, for a shell: bin/tekkal core DOOR; each says what it takes with --help.

use Tekkal\Doors\Doors;

require __DIR__.'/../../vendor/autoload.php';

exit((new Doors)->open($argv));
