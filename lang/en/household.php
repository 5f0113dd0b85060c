<?php

declare(strict_types=1);

return ['saved' => 'Saved.', 'revoked' => 'That invitation no longer opens anything.'];
