<?php

declare(strict_types=1);

// What the declarations of the kinds of stage say, for the published schema and for the editor: JSON, by bin/tekkal contract.

use Tekkal\Core\Document\StageKinds\StageSchema;

require __DIR__.'/../../vendor/autoload.php';

echo json_encode(['definitions' => StageSchema::definitions(), 'kinds' => StageSchema::forEditors()], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), "\n";
